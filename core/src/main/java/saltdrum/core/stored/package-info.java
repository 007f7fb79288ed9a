/** Forms in which things are kept for years, and how old ones become new ones. */
package saltdrum.core.stored;
