/** Operations on people: sign-in, invitations, second steps, presence and the record. */
package saltdrum.server.api.people;
