/** Written words as people say them: numbers, money, times, hashtags. The written form stays on the screen. */
package saltdrum.core.spoken;
