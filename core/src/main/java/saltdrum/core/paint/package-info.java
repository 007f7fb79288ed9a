/** What a shape is painted with: paints and paint layers. */
package saltdrum.core.paint;
