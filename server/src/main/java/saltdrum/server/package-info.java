/** The web server: HTTP in {@code api}, SQL in {@code store}, long work in {@code work}, who may in {@code access}. */
package saltdrum.server;
