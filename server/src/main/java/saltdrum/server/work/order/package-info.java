/** Plans orders, renders their outputs and assembles deliveries. */
package saltdrum.server.work.order;
