/** Forced alignment: a script and its sound to word times, by a Viterbi search over how the words can be said. */
package saltdrum.speech.align;
