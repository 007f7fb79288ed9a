/** Placing a script without an acoustic model: by where there is sound, and how long words are. Never measured. */
package saltdrum.speech.estimate;
