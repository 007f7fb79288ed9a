/** The public HTTP API, described by OpenAPI at {@code /api/openapi}. Turns requests into calls and answers into views. */
package saltdrum.server.api;
