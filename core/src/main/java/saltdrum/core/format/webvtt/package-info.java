/** WebVTT. */
package saltdrum.core.format.webvtt;
