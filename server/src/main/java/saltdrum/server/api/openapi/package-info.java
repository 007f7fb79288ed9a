/** The description of the API, with schemas that are derived from the code. */
package saltdrum.server.api.openapi;
