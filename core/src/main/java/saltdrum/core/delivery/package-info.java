/** What is handed over, and what its files are called. */
package saltdrum.core.delivery;
