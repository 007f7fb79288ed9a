/** What a burned video is made of, and how only what has changed is made again. */
package saltdrum.media.pieces;
