/** How captions look: typeface, paint, place and motion, independent of any words. */
package saltdrum.core.style;
