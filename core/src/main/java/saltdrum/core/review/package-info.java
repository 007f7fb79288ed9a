/** What clients say about captions. */
package saltdrum.core.review;
