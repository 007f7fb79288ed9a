/** The acoustic model, the features it scores and the pronunciations it knows. */
package saltdrum.speech.acoustic;
