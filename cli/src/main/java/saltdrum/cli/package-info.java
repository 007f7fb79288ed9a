/** The command line: every main job without a database. Exit codes: 0 done, 2 wrong use, 3 bad input. */
package saltdrum.cli;
