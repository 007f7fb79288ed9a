/** Outlines as both painters read them. */
package saltdrum.media.outline;
