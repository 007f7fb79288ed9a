/** The server under fire: every call of its described API, with good and hostile values, and what is looked at after each. */
package saltdrum.cli.bench.siege;
