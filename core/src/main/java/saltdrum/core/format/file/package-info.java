/** What all caption formats share: the file's cues and words, clock times, and times for words that have none. */
package saltdrum.core.format.file;
