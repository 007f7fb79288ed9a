/** Which files of the watched folder were taken. */
package saltdrum.server.store.watched;
