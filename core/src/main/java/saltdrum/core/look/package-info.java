/**
 * The properties of a caption's look: facets, patches that set some of them, and the look that results from patches.
 */
package saltdrum.core.look;
