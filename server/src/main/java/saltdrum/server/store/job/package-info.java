/** Jobs and their attempts, workers, orders and what they delivered. */
package saltdrum.server.store.job;
