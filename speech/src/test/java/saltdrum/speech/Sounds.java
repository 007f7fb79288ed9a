package saltdrum.speech;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import saltdrum.core.Json;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;

/** Sounds for tests. The voice is flite's rms; its word times are the synthesiser's own (demo/generator/speak.c). */
public final class Sounds {
    private Sounds() {}

    public static Sound spoken() {
        return read("three-coats.wav");
    }

    /** flite's slt, 13 s of the second half of the tide pool's script, under as much pink noise as voice. */
    public static Sound hardVoice() {
        return read("hard-voice.wav");
    }

    private static Sound read(String wave) {
        try (InputStream in = Sounds.class.getResourceAsStream(wave);
                AudioInputStream wav = AudioSystem.getAudioInputStream(new java.io.BufferedInputStream(in))) {
            byte[] bytes = wav.readAllBytes();
            short[] samples = new short[bytes.length / 2];
            for (int i = 0; i < samples.length; i++) {
                samples[i] = (short) (bytes[2 * i] & 0xff | bytes[2 * i + 1] << 8);
            }
            return Sound.of(samples);
        } catch (IOException | UnsupportedAudioFileException e) {
            throw new IllegalStateException(e);
        }
    }

    public static Sound silence(int ms) {
        return Sound.of(new short[ms * Sound.RATE / 1000]);
    }

    /** The words of {@link #spoken}, with the synthesiser's times. */
    public static List<Word> truth() {
        return WordsFile.read(Json.resource(Sounds.class, "three-coats.words.json"))
                .toWords();
    }
}
