/** People, invitations, second steps, presence, and the record of who did what. */
package saltdrum.server.store.people;
