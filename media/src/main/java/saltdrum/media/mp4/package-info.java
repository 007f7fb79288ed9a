/** The boxes of an MP4 file (ISO/IEC 14496-12), as far as films are put together from pieces without encoding. */
package saltdrum.media.mp4;
