/** From words and a style to a scene: sets the lines, places every glyph, writes every motion as tracks. */
package saltdrum.core.layout;
