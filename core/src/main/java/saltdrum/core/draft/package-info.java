/** Policies of writing that make a recogniser's draft read like text. */
package saltdrum.core.draft;
