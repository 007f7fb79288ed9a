/** The rules of captioning as pure functions on records. Knows no file, process, HTTP, SQL or screen. */
package saltdrum.core;
