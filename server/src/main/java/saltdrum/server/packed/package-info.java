/** A clip with all that belongs to it as one file, and back. docs/formats/clip-packages.md */
package saltdrum.server.packed;
