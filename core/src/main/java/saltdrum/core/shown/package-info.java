/** How words look on the screen; what is said stays in the words. */
package saltdrum.core.shown;
