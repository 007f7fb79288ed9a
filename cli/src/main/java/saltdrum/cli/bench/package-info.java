/** Benchmarks: what is compared is measured in the same run, and printed with its budget. */
package saltdrum.cli.bench;
