/** Bytes of media files by digest, in a folder or in an S3 store, and how much room they take. */
package saltdrum.server.store.media;
