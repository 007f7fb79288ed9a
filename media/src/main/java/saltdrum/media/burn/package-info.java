/** Burning captions into a video: the band they touch, painted when it changes, laid over by one ffmpeg. */
package saltdrum.media.burn;
