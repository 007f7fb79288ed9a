/** Shaped words, their outlines and the typesetter that measures them. */
package saltdrum.core.layout.type;
