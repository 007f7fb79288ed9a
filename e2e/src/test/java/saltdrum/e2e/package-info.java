/** The running product, driven as a person drives it. */
package saltdrum.e2e;
