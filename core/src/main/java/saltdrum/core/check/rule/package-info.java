/** The checks, one class each, and the checker that runs them. */
package saltdrum.core.check.rule;
