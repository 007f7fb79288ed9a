/** Every change a person can make to a track, as a value; applying one is pure and refuses what cannot be. */
package saltdrum.core.edit;
