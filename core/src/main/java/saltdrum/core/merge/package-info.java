/** Merges: a changed text with the times of its words, and two changes of one track. */
package saltdrum.core.merge;
