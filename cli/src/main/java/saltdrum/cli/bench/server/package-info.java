/** Benchmarks against a running server: edits, checks, memory, workers, hours of soak. */
package saltdrum.cli.bench.server;
