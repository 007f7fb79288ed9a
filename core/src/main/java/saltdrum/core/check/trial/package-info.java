/** Puts styles on words and pictures that they were not made for. */
package saltdrum.core.check.trial;
