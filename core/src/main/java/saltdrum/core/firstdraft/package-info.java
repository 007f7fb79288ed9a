/** What a client's clips become by themselves, before a person looks at them. */
package saltdrum.core.firstdraft;
