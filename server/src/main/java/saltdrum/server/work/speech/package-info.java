/** Jobs on the voice: recognising, placing a script, translating, spelling. */
package saltdrum.server.work.speech;
