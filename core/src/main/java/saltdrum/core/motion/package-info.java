/** Motions a style can ask for. Each writes tracks for a beat and knows neither letters nor pixels. */
package saltdrum.core.motion;
