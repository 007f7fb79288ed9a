/** Who speaks: features of the voice, and which words are said by the same one. */
package saltdrum.speech.speakers;
