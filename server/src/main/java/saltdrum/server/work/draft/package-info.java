/** First drafts of clips that come in. */
package saltdrum.server.work.draft;
