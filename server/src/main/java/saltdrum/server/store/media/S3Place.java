package saltdrum.server.store.media;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import software.amazon.awssdk.awscore.exception.AwsServiceException;
import software.amazon.awssdk.core.ResponseInputStream;
import software.amazon.awssdk.core.checksums.RequestChecksumCalculation;
import software.amazon.awssdk.core.checksums.ResponseChecksumValidation;
import software.amazon.awssdk.core.exception.SdkException;
import software.amazon.awssdk.core.sync.RequestBody;
import software.amazon.awssdk.http.urlconnection.UrlConnectionHttpClient;
import software.amazon.awssdk.regions.Region;
import software.amazon.awssdk.services.s3.S3Client;
import software.amazon.awssdk.services.s3.model.GetObjectResponse;
import software.amazon.awssdk.services.s3.model.NoSuchBucketException;
import software.amazon.awssdk.services.s3.model.NoSuchKeyException;
import software.amazon.awssdk.services.s3.model.S3Object;

/**
 * A bucket of an S3 store. Files to work on are first copied to a local cache; range requests are streamed from the
 * bucket.
 */
final class S3Place implements MediaPlace {
    private static final String UNCHANGED = "Nothing was changed.";

    private static final String USUAL_REGION = "us-east-1";

    private final S3Client s3;
    private final String bucket;
    private final String prefix;
    /** “ at http://…”, or nothing for Amazon's. */
    private final String at;

    private final LocalMediaCache near;
    private final Map<String, Object> underWay = new ConcurrentHashMap<>();

    /**
     * @param url {@code s3://BUCKET/PREFIX}; the prefix may be missing
     * @param endpoint of a store that is not Amazon's; empty for that
     */
    S3Place(URI url, String endpoint, LocalMediaCache near) {
        this.bucket = url.getHost();
        String path = url.getPath() == null ? "" : url.getPath().replaceAll("^/+|/+$", "");
        this.prefix = path.isEmpty() ? "" : path + "/";
        this.near = near;
        this.at = endpoint.isBlank() ? "" : " at " + endpoint;
        // Credentials come from the environment, as for other S3 clients.
        var client = S3Client.builder()
                .httpClientBuilder(UrlConnectionHttpClient.builder())
                .region(Region.of(System.getenv().getOrDefault("AWS_REGION", USUAL_REGION)))
                // Stores that are not Amazon's know no more.
                .requestChecksumCalculation(RequestChecksumCalculation.WHEN_REQUIRED)
                .responseChecksumValidation(ResponseChecksumValidation.WHEN_REQUIRED);
        if (!endpoint.isBlank()) {
            client.endpointOverride(URI.create(endpoint)).forcePathStyle(true);
        }
        this.s3 = client.build();
    }

    private String key(String hash) {
        return prefix + hash.substring(0, 2) + "/" + hash;
    }

    private <T> T asked(Supplier<T> call) {
        try {
            return call.get();
        } catch (NoSuchBucketException e) {
            throw new MediaStoreException("There is no bucket “" + bucket + "” at the media store. " + UNCHANGED);
        } catch (AwsServiceException e) {
            boolean refused = e.statusCode() == 401 || e.statusCode() == 403;
            throw new MediaStoreException(
                    refused
                            ? "The media store " + where() + " refuses this workshop's key (" + e.statusCode()
                                    + "). Start the server with the right AWS_ACCESS_KEY_ID and"
                                    + " AWS_SECRET_ACCESS_KEY. " + UNCHANGED
                            : "The media store " + where() + " answered " + e.statusCode() + ". " + UNCHANGED);
        } catch (SdkException e) {
            boolean keyless = String.valueOf(e.getMessage()).contains("load credentials");
            throw new MediaStoreException(
                    keyless
                            ? "No key is given for the media store " + where() + ". Start the server with"
                                    + " AWS_ACCESS_KEY_ID and AWS_SECRET_ACCESS_KEY. " + UNCHANGED
                            : "The media store " + where() + " cannot be reached" + at + ". " + UNCHANGED);
        }
    }

    @Override
    public String where() {
        return "s3://" + bucket + "/" + prefix;
    }

    @Override
    public boolean has(String hash) {
        return asked(() -> {
            try {
                s3.headObject(head -> head.bucket(bucket).key(key(hash)));
                return true;
            } catch (NoSuchKeyException no) {
                return false;
            }
        });
    }

    /** In one call, which takes 5 GB (Amazon S3 User Guide, “Uploading objects”); ours have 4 at most. */
    @Override
    public void prepare(String hash, Path file) {
        if (!has(hash)) {
            asked(() -> s3.putObject(put -> put.bucket(bucket).key(key(hash)), RequestBody.fromFile(file)));
        }
    }

    @Override
    public void put(String hash, Path file) {
        prepare(hash, file);
        near.keep(hash, file);
    }

    @Override
    public Path file(String hash) {
        Path known = near.find(hash);
        if (known != null) {
            return known;
        }
        synchronized (underWay.computeIfAbsent(hash, one -> new Object())) {
            known = near.find(hash);
            Path file = known == null ? bring(hash) : known;
            underWay.remove(hash);
            return file;
        }
    }

    private Path bring(String hash) {
        Path part = near.fresh();
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            try (InputStream in = new DigestInputStream(from(hash, 0), digest);
                    OutputStream out = Files.newOutputStream(part)) {
                in.transferTo(out);
            }
            if (!HexFormat.of().formatHex(digest.digest()).equals(hash)) {
                throw new IOException("The media store returned other bytes than were stored.");
            }
            near.keep(hash, part);
            return near.path(hash);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        } finally {
            near.discard(part);
        }
    }

    @Override
    public long size(String hash) {
        return asked(
                () -> s3.headObject(head -> head.bucket(bucket).key(key(hash))).contentLength());
    }

    @Override
    public InputStream from(String hash, long first) {
        ResponseInputStream<GetObjectResponse> body = asked(
                () -> s3.getObject(get -> get.bucket(bucket).key(key(hash)).range("bytes=" + first + "-")));
        return new Part(body);
    }

    /** Closing early aborts the transfer instead of reading the rest. */
    private static final class Part extends java.io.FilterInputStream {
        private final ResponseInputStream<GetObjectResponse> body;
        private boolean ended;

        Part(ResponseInputStream<GetObjectResponse> body) {
            super(body);
            this.body = body;
        }

        @Override
        public int read() throws IOException {
            int read = super.read();
            ended |= read < 0;
            return read;
        }

        @Override
        public int read(byte[] bytes, int at, int length) throws IOException {
            int read = super.read(bytes, at, length);
            ended |= read < 0;
            return read;
        }

        @Override
        public void close() throws IOException {
            if (ended) {
                body.close();
            } else {
                body.abort();
            }
        }
    }

    @Override
    public void remove(String hash) {
        near.forget(hash);
        asked(() -> s3.deleteObject(delete -> delete.bucket(bucket).key(key(hash))));
    }

    @Override
    public Set<String> all() {
        return asked(() -> s3.listObjectsV2Paginator(list -> list.bucket(bucket).prefix(prefix)).contents().stream()
                .map(S3Object::key)
                .map(key -> key.substring(key.lastIndexOf('/') + 1))
                .filter(name -> name.matches("[0-9a-f]{64}"))
                .collect(Collectors.toSet()));
    }
}
