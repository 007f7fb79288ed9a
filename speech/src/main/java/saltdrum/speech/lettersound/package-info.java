/** Letter-to-sound: how a word outside the dictionary is said, by a joint n-gram trained from it. */
package saltdrum.speech.lettersound;
