/** Where a script and a voice differ, decided by the aligner and the recogniser together. */
package saltdrum.speech.script;
