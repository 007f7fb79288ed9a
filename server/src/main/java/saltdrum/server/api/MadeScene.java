package saltdrum.server.api;

import saltdrum.core.scene.Scene;

/** A scene and the track version it was made of, so that a page never paints one with the words of another. */
record MadeScene(long version, Scene scene) {}
