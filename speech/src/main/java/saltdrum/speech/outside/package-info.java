/** A recogniser elsewhere, asked over HTTP, for languages that none here knows. */
package saltdrum.speech.outside;
