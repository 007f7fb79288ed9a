/** Sound as speech work needs it. Nothing here knows where it came from or what is heard in it. */
package saltdrum.core.sound;
