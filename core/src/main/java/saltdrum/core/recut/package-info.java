/** Captions of a clip that was cut anew: what of the old sound is where in the new one, and words that follow it. */
package saltdrum.core.recut;
