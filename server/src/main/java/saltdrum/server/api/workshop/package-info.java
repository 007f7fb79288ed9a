/** Operations on the installation itself: its health and its storage. */
package saltdrum.server.api.workshop;
