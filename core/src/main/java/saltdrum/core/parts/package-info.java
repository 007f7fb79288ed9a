/** What values of several parts are made of: said once on the records, for their checks, the schema and the page. */
package saltdrum.core.parts;
