/** Operations on clients, clips and their footage. */
package saltdrum.server.api.clip;
