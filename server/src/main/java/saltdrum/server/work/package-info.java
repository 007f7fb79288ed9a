/** Long work: preparing clips, getting words, rendering. Runs from the database, so that nothing is lost by a crash. */
package saltdrum.server.work;
