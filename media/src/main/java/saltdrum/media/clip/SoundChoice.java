package saltdrum.media.clip;

import saltdrum.core.BadInputException;
import saltdrum.core.text.Quoted;

/**
 * Which sound of a clip is listened to. Written {@code "0"} for the first stream mixed to mono, {@code "1:2"} for the
 * third channel of the second stream.
 *
 * @param stream counts from 0
 * @param channel counts from 0; -1 mixes all
 */
public record SoundChoice(int stream, int channel) {
    public static final SoundChoice USUAL = new SoundChoice(0, -1);

    public static SoundChoice parse(String text) {
        if (!text.matches("\\d{1,2}(:\\d{1,2})?")) {
            throw new BadInputException(
                    "A sound is written like 0 or 0:1 (stream and channel), not " + Quoted.of(text) + ".");
        }
        String[] parts = text.split(":");
        return new SoundChoice(Integer.parseInt(parts[0]), parts.length == 1 ? -1 : Integer.parseInt(parts[1]));
    }

    public String written() {
        return channel < 0 ? Integer.toString(stream) : stream + ":" + channel;
    }

    /** @throws BadInputException when the clip has no such sound */
    public SoundChoice in(ClipInfo info) {
        if (stream >= info.sounds().size()
                || channel >= info.sounds().get(stream).channels()) {
            throw new BadInputException("The clip has no sound " + written() + ": it has "
                    + info.sounds().size() + " sound streams.");
        }
        return this;
    }
}
