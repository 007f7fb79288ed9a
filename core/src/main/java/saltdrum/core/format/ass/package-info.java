/** Advanced SubStation Alpha. */
package saltdrum.core.format.ass;
