/** What is made of a clip and its captions beside the burned video: overlays, videos with a caption stream, sound, previews. */
package saltdrum.media.output;
