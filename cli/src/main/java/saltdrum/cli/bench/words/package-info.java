/** Benchmarks of word times, recognition and placing a script. */
package saltdrum.cli.bench.words;
