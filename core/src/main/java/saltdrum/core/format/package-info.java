/** Caption files in and out. Reading is forgiving and says what it repaired; writing is strict. */
package saltdrum.core.format;
