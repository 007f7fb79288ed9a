/** Everything that is kept: the only SQL, and the folder of media bytes. Knows nothing of how things are computed. */
package saltdrum.server.store;
