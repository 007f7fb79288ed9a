/** Values over time: properties, keyframes, easings. What a motion writes and a scene holds. */
package saltdrum.core.track;
