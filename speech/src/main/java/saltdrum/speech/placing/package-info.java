/** What placing words on a sound gives, however it was done. */
package saltdrum.speech.placing;
