/** How things move: easings, keyframes, and the motions a style can ask for, which are nothing but tracks in a scene. */
package saltdrum.core.motion;
