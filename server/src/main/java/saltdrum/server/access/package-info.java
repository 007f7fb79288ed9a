/** Authentication, access rules and limits: which callers may do what. */
package saltdrum.server.access;
