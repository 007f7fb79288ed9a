/** Clients with their settings and glossaries, clips, other cuts, and the search over them. */
package saltdrum.server.store.clip;
