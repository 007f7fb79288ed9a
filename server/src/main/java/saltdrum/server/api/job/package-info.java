/** Operations on jobs, renders and orders. */
package saltdrum.server.api.job;
