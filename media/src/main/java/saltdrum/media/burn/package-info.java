/**
 * Burns captions into a video: paints the band that they touch whenever it changes, and overlays it with one ffmpeg.
 */
package saltdrum.media.burn;
