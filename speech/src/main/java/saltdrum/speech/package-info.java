/** Sound to words with times: aligning a script, recognising speech, estimating. Knows no screen and no storage. */
package saltdrum.speech;
