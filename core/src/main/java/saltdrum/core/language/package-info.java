/** Which language a text is likely in, from its letters and its commonest words. */
package saltdrum.core.language;
