/** Checks of each request: its size, its origin, the proxy it came through, and errors as problem details. */
package saltdrum.server.access.http;
