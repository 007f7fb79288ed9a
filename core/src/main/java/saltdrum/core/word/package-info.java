/** Words and their times: the ground everything stands on. Nothing here knows of cues or looks. */
package saltdrum.core.word;
