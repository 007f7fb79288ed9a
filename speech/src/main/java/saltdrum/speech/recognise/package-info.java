/** Speech to a draft of words, by sphinx4 with its shipped English model. */
package saltdrum.speech.recognise;
