/** Runs jobs: workers, attempts, heartbeats, cancelling and recovery. */
package saltdrum.server.work.run;
