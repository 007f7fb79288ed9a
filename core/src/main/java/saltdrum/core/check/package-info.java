/** What is wrong in a track, measured: each finding has its place, its measure, its limit and its remedies. */
package saltdrum.core.check;
