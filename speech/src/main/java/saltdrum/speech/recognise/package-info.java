/** What every recogniser is to the rest: a port, what it is asked, and what it gives. */
package saltdrum.speech.recognise;
