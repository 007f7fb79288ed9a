/**
 * The recogniser: a small neural model that hears pieces of speech as text, cut by voice activity. It gives words and how
 * sure they are; times are the aligner's. Models lie in folders, see {@code docs/formats/speech-models.md}.
 */
package saltdrum.speech.neural;
