/** Transfers captions to a clip that was cut again: finds the old sound in the new one and moves the words along. */
package saltdrum.core.recut;
