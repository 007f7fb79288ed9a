/** First drafts and checks of clips without a server. */
package saltdrum.cli.draft;
