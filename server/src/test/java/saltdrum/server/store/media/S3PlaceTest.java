package saltdrum.server.store.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** An S3 store that fails: the message says whether the store or the configuration is wrong. */
class S3PlaceTest {
    private static final String HASH = "0".repeat(64);

    @TempDir
    Path folder;

    private HttpServer server;
    private int status;
    private String code;

    @BeforeEach
    void aStore() throws IOException {
        System.setProperty("aws.accessKeyId", "lantern");
        System.setProperty("aws.secretAccessKey", "not the right one");
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.createContext("/", call -> {
            byte[] body = ("<Error><Code>" + code + "</Code></Error>").getBytes(StandardCharsets.UTF_8);
            boolean head = call.getRequestMethod().equals("HEAD");
            call.sendResponseHeaders(status, head ? -1 : body.length);
            if (!head) {
                call.getResponseBody().write(body);
            }
            call.close();
        });
        server.start();
    }

    @AfterEach
    void closed() {
        server.stop(0);
        System.clearProperty("aws.accessKeyId");
        System.clearProperty("aws.secretAccessKey");
    }

    private String address() {
        return "http://127.0.0.1:" + server.getAddress().getPort();
    }

    private S3Place place() throws IOException {
        return new S3Place(
                URI.create("s3://quay/media"),
                address(),
                new LocalMediaCache(folder.resolve("near"), new WorkFolder(folder.resolve("work")), 1));
    }

    @Test
    void aWrongKeyIsTold() throws IOException {
        status = 403;
        code = "SignatureDoesNotMatch";
        assertThatThrownBy(() -> place().has(HASH))
                .isInstanceOf(MediaStoreException.class)
                .hasMessageContaining("s3://quay/media/ refuses this workshop's key (403)")
                .hasMessageContaining("AWS_SECRET_ACCESS_KEY");
    }

    @Test
    void aBucketThatIsNotThereIsTold() throws IOException {
        status = 404;
        code = "NoSuchBucket";
        assertThatThrownBy(() -> place().from(HASH, 0))
                .isInstanceOf(MediaStoreException.class)
                .hasMessageStartingWith("There is no bucket “quay”");
    }

    @Test
    void aClosedPortIsTold() throws IOException {
        S3Place place = place();
        String address = address();
        server.stop(0);
        assertThatThrownBy(() -> place.has(HASH))
                .isInstanceOf(MediaStoreException.class)
                .hasMessage(
                        "The media store s3://quay/media/ cannot be reached at " + address + ". Nothing was changed.");
    }

    @Test
    void whatIsNotThereIsNoFault() throws IOException {
        status = 404;
        code = "NoSuchKey";
        assertThat(place().has(HASH)).isFalse();
    }
}
