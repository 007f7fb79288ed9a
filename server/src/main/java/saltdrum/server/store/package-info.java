/** What all stores share: identifiers, the database clock, stored forms and errors. SQL is in these packages only. */
package saltdrum.server.store;
