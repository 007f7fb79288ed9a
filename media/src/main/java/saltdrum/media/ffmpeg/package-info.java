/** ffmpeg and ffprobe as separate processes: argument lists, white lists, limits, a watchdog. */
package saltdrum.media.ffmpeg;
