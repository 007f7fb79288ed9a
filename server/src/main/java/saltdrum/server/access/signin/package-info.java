/** Signing in: passwords, second steps, passkeys, and the limit on guesses. */
package saltdrum.server.access.signin;
