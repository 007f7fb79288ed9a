/** Who may call: for now whoever sits at this machine. */
package saltdrum.server.access;
