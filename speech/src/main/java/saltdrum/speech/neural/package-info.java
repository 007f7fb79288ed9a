/**
 * The recogniser: a small neural model that decodes pieces of speech, cut by voice activity, into text. It yields
 * words and their confidence; the aligner adds times. Models are folders, see {@code docs/formats/speech-models.md}.
 */
package saltdrum.speech.neural;
