/** What a reader does not miss: fillers, false starts, doubled words. */
package saltdrum.core.shorter;
