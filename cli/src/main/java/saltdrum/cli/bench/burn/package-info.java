/** Benchmarks of scenes, painting, burning and delivering. */
package saltdrum.cli.bench.burn;
