package saltdrum.speech.neural;

import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtLoggingLevel;
import ai.onnxruntime.OrtSession;
import java.lang.reflect.Field;
import java.lang.reflect.Method;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import saltdrum.core.SaltDrumException;

/** The shared ONNX runtime. Its libraries are stored beside the models, so that no start has to unpack them. */
final class OnnxRuntime {
    private static final String NATIVES = "onnxruntime.native.path";

    private OnnxRuntime() {}

    /**
     * The runtime parses the command line of this process recursively, one step a letter, and walks a model's graph in the
     * same way. With a long class path that overflows the usual 1 MB stack of a Java thread and crashes the process.
     */
    private static final long STACK_BYTES = 256L << 20;

    /** @param libraries folder with {@code linux-x64} and {@code linux-aarch64} */
    static synchronized OrtEnvironment environment(Path libraries) {
        Path here = libraries.resolve("linux-" + (System.getProperty("os.arch").equals("aarch64") ? "aarch64" : "x64"));
        if (System.getProperty(NATIVES) == null && Files.isDirectory(here)) {
            System.setProperty(NATIVES, here.toString());
        }
        return deep("The libraries of the speech models in " + here, () -> {
            OrtEnvironment environment = OrtEnvironment.getEnvironment();
            environment.setTelemetry(false);
            keepToTheEnd();
            return environment;
        });
    }

    /**
     * ONNX Runtime closes itself in a shutdown hook, even while another thread still uses a model, which crashes the
     * process. It counts references, so one extra reference that is never released keeps it open. The library offers
     * only a private way to add one.
     */
    private static void keepToTheEnd() throws ReflectiveOperationException {
        if (held) {
            return;
        }
        Field api = Class.forName("ai.onnxruntime.OnnxRuntime").getDeclaredField("ortApiHandle");
        api.setAccessible(true);
        Method hold = OrtEnvironment.class.getDeclaredMethod("createHandle", long.class, int.class, String.class);
        hold.setAccessible(true);
        hold.invoke(null, api.getLong(null), OrtLoggingLevel.ORT_LOGGING_LEVEL_WARNING.getValue(), "kept");
        // And a library that is being torn down must not be loading a model: the end waits for it, and no other begins.
        Runtime.getRuntime().addShutdownHook(new Thread(OnnxRuntime::awaitLoad, "speech model ends"));
        held = true;
    }

    private static boolean held;

    /** One load at a time, and none once the process ends. */
    private static final Semaphore LOADING = new Semaphore(1);

    private static volatile boolean ending;

    private static final int LONGEST_LOAD_S = 30;

    private static void awaitLoad() {
        ending = true;
        try {
            LOADING.tryAcquire(LONGEST_LOAD_S, TimeUnit.SECONDS);
            LOADING.release();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** @param threads that one call may use */
    static OrtSession open(OrtEnvironment environment, Path model, int threads) {
        return deep("The speech model " + model, () -> create(environment, model, threads));
    }

    private static <T> T deep(String what, Callable<T> work) {
        LOADING.acquireUninterruptibly();
        if (ending) {
            LOADING.release();
            throw new SaltDrumException(what + " could not be loaded: the process is ending.");
        }
        FutureTask<T> task = new FutureTask<>(() -> {
            try {
                return work.call();
            } finally {
                LOADING.release();
            }
        });
        Thread thread = new Thread(null, task, "speech model", STACK_BYTES);
        thread.setDaemon(true);
        thread.start();
        try {
            return task.get();
        } catch (ExecutionException e) {
            throw new SaltDrumException(
                    what + " could not be loaded: " + e.getCause().getMessage()
                            + ". Build the application again, or restore the model.",
                    e.getCause());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new SaltDrumException("Loading the speech model was stopped.", e);
        }
    }

    private static OrtSession create(OrtEnvironment environment, Path model, int threads) throws OrtException {
        try (OrtSession.SessionOptions options = new OrtSession.SessionOptions()) {
            options.setIntraOpNumThreads(threads);
            options.setInterOpNumThreads(1);
            // Threads that wait by spinning cost two thirds more CPU.
            options.addConfigEntry("session.intra_op.allow_spinning", "0");
            options.setMemoryPatternOptimization(false);
            return environment.createSession(model.toString(), options);
        }
    }
}
