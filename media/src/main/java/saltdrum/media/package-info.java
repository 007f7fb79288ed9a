/** Clips and pictures: ffmpeg as a separate process, fonts, the painter and the burn. Knows no HTTP and no SQL. */
package saltdrum.media;
