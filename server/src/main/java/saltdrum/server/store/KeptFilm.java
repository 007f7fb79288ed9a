package saltdrum.server.store;

import saltdrum.media.pieces.PieceList;

/** A finished film that another can take pieces from. */
public record KeptFilm(String outputHash, PieceList pieces) {}
