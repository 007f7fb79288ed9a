package saltdrum.server.store.job;

import saltdrum.media.pieces.PieceList;

/** A finished film that another can take pieces from. */
public record KeptFilm(String outputHash, PieceList pieces) {}
