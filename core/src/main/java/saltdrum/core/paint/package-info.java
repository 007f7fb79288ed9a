/** What a shape is painted with: paints, and the coats that lie over each other. */
package saltdrum.core.paint;
