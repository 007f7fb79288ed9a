package saltdrum.server.api.track;

import saltdrum.core.scene.Scene;

/**
 * A scene as a page has it.
 *
 * @param tag of this scene and no other: track, translation, style, typefaces and stickers can each have changed since
 * @param version of the track it was made of, so that a page never paints one with the words of another
 */
record SentScene(String tag, long version, Scene scene) {}
