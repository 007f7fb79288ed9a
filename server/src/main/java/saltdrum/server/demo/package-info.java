/** The invented harbour's clips, for a first start that already looks alive. */
package saltdrum.server.demo;
