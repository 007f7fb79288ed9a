/** Operations on reviews, and what a client with a review link may do. */
package saltdrum.server.api.review;
