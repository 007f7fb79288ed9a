/** Places in the frame, in design pixels. */
package saltdrum.core.plane;
