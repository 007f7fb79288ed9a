package saltdrum.cli;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "simulated-recogniser",
        description =
                "A simulated outside recogniser, for trying the connection out: it hears nothing, and answers with "
                        + "the words file NAME.words.json that lies in a folder.")
final class SimulatedRecogniserCommand implements Callable<Integer> {
    @Option(names = "--words", required = true, paramLabel = "FOLDER")
    Path folder;

    @Option(names = "--port", defaultValue = "7399")
    int port;

    @Spec
    CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        server.createContext("/words", this::answer);
        server.start();
        spec.commandLine()
                .getOut()
                .println("A simulated recogniser answers at http://127.0.0.1:"
                        + server.getAddress().getPort() + "/words");
        spec.commandLine().getOut().flush();
        Thread.currentThread().join();
        return 0;
    }

    private void answer(HttpExchange exchange) throws IOException {
        exchange.getRequestBody().transferTo(java.io.OutputStream.nullOutputStream());
        String name = Arrays.stream(
                        String.valueOf(exchange.getRequestURI().getRawQuery()).split("&"))
                .filter(part -> part.startsWith("name="))
                .map(part -> URLDecoder.decode(part.substring(5), StandardCharsets.UTF_8))
                .findFirst()
                .orElse("");
        // A plain name in that folder and nothing else.
        String file = name.toLowerCase(java.util.Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-") + ".words.json";
        Path words = folder.resolve(file);
        boolean there = Files.isRegularFile(words);
        byte[] body = there ? Files.readAllBytes(words) : ("There is no " + file).getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().set("Content-Type", there ? "application/json" : "text/plain; charset=utf-8");
        exchange.sendResponseHeaders(there ? 200 : 404, body.length);
        exchange.getResponseBody().write(body);
        exchange.close();
    }
}
