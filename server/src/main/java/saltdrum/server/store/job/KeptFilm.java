package saltdrum.server.store.job;

import saltdrum.media.pieces.PieceList;

/** A finished film from which another one can reuse pieces. */
public record KeptFilm(String outputHash, PieceList pieces) {}
