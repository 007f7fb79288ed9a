/** What can be settled of how captions look: facets, patches of some of them, and the whole look that comes of patches. */
package saltdrum.core.look;
