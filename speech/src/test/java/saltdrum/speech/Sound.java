package saltdrum.speech;

import java.io.IOException;
import java.io.InputStream;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;

/** Sounds for tests. The voice is flite's rms; its word times are the synthesiser's own (demo/generator/speak.c). */
public final class Sound {
    private Sound() {}

    public static short[] spoken() {
        try (InputStream in = Sound.class.getResourceAsStream("three-coats.wav");
                AudioInputStream wav = AudioSystem.getAudioInputStream(new java.io.BufferedInputStream(in))) {
            byte[] bytes = wav.readAllBytes();
            short[] samples = new short[bytes.length / 2];
            for (int i = 0; i < samples.length; i++) {
                samples[i] = (short) (bytes[2 * i] & 0xff | bytes[2 * i + 1] << 8);
            }
            return samples;
        } catch (IOException | UnsupportedAudioFileException e) {
            throw new IllegalStateException(e);
        }
    }

    public static short[] silence(int ms) {
        return new short[ms * 16];
    }
}
