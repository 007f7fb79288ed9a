/** Texts into another language, by programs and services that are there. */
package saltdrum.speech.translate;
