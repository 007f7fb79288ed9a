/** Review links and remarks. */
package saltdrum.server.store.review;
