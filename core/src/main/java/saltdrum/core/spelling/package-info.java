/** Spelling by Hunspell dictionaries. */
package saltdrum.core.spelling;
