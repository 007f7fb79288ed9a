/** What the build has put in order, so that no start has to read all of it. */
package saltdrum.speech.prepared;
