package saltdrum.speech.neural;

import java.util.List;
import saltdrum.speech.Sounds;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.recognise.Recogniser;

/** A process that ends while it reads its model or listens. Arguments: after how many milliseconds. */
public final class ExitWhileListening {
    private ExitWhileListening() {}

    public static void main(String[] args) throws InterruptedException {
        SpeechDesk desk = new SpeechDesk();
        Thread busy = new Thread(() -> {
            desk.warm();
            while (true) {
                desk.recognise(Sounds.spoken(), new Recogniser.Asked("en", "x", List.of()), h -> {}, () -> false);
            }
        });
        busy.setDaemon(true);
        busy.start();
        Thread.sleep(Long.parseLong(args[0]));
        System.exit(0);
    }
}
