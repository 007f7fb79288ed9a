/** What benchmarks share: clips, processor time, memory and the report. */
package saltdrum.cli.bench.measure;
