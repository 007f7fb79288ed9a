package saltdrum.cli.bench.siege;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import saltdrum.core.edit.Edit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Sends a server every request it knows, with valid and hostile values, and every edit with each of its fields
 * corrupted. Use a separate server: clips, styles and clients are created and removed.
 */
public final class Siege {
    private static final int MOST_SAID = 600;
    /** So many requests from one pause of the server to the next. */
    private static final int BETWEEN_PAUSES = 2_000;

    private static final String EDITS = "/api/clips/{clipId}/track/edits";

    /** @param calls that were asked at least once, of {@code ofCalls} */
    public record Outcome(
            int requests,
            int taken,
            int refused,
            int calls,
            int ofCalls,
            int fields,
            int ofFields,
            int pauses,
            List<String> faults) {}

    private record Spoilt(String kind, String type, String field, JsonNode value) {}

    private final SiegeTarget target;
    private final Random random;
    private final SiegeObjects ground;
    private final SiegeValues values;
    private final AfterChangeChecks aftermath;
    private final Pauses pauses;
    private final List<OpenPage> pages;
    private final List<Operation> operations;
    private final Deque<Operation> nextCalls = new ArrayDeque<>();
    private final Deque<Spoilt> nextSpoilt = new ArrayDeque<>();
    private final Set<String> askedCalls = new TreeSet<>();
    private final Set<String> askedFields = new TreeSet<>();
    /** One of a sort. */
    private final Map<String, String> faults = new TreeMap<>();

    private int requests;
    private int taken;
    private int refused;

    /**
     * @param folder with the demo clips
     * @param pausedPid the server's process, which is stopped and goes on again and again; 0 for none
     */
    public Siege(String url, Path folder, long seed, long pausedPid) throws IOException {
        this.target = new SiegeTarget(url);
        this.random = new Random(seed);
        this.ground = new SiegeObjects(target, folder, random);
        JsonNode description = target.get("/api/openapi").json();
        this.values = new SiegeValues(description, ground, random);
        this.aftermath = new AfterChangeChecks(target, random);
        this.pauses = new Pauses(pausedPid);
        this.pages = List.of(new OpenPage(target), new OpenPage(target));
        this.operations = Operation.all(description);
    }

    /** @param length least time; it goes on until every call and every field was asked once */
    public Outcome run(Duration length) throws IOException {
        int ofFields = 0;
        for (JsonSubTypes.Type kind : Edit.kinds()) {
            ofFields += kind.value().getRecordComponents().length;
        }
        long end = System.nanoTime() + length.toNanos();
        while (System.nanoTime() < end || askedCalls.size() < operations.size() || askedFields.size() < ofFields) {
            if (requests % 3 == 2) {
                call(nextCall());
            } else if (random.nextInt(3) > 0) {
                spoiltEdit();
            } else {
                goodEdit();
            }
            if (requests % BETWEEN_PAUSES == BETWEEN_PAUSES - 1) {
                pauses.begin();
            }
        }
        pauses.end();
        return new Outcome(
                requests,
                taken,
                refused,
                askedCalls.size(),
                operations.size(),
                askedFields.size(),
                ofFields,
                pauses.taken(),
                List.copyOf(faults.values()));
    }

    private Operation nextCall() {
        if (nextCalls.isEmpty()) {
            List<Operation> all = new ArrayList<>(operations);
            Collections.shuffle(all, random);
            nextCalls.addAll(all);
        }
        return nextCalls.poll();
    }

    /** Every field of every kind once, then again with other values. */
    private Spoilt nextSpoilt() {
        if (nextSpoilt.isEmpty()) {
            List<Spoilt> all = new ArrayList<>();
            for (JsonSubTypes.Type kind : Edit.kinds()) {
                for (RecordComponent field : kind.value().getRecordComponents()) {
                    all.add(new Spoilt(
                            kind.name(), kind.value().getSimpleName(), field.getName(), values.anyHostile()));
                }
            }
            Collections.shuffle(all, random);
            nextSpoilt.addAll(all);
        }
        return nextSpoilt.poll();
    }

    private void spoiltEdit() throws IOException {
        Spoilt spoilt = nextSpoilt();
        askedFields.add(spoilt.kind + "." + spoilt.field);
        ObjectNode edit = values.object(spoilt.type, spoilt.kind, 0, 0);
        edit.set(spoilt.field, spoilt.value);
        edit(edit, ground.version());
    }

    /** One of two pages makes it, on the version that it has. */
    private void goodEdit() throws IOException {
        List<JsonSubTypes.Type> kinds = Edit.kinds();
        JsonSubTypes.Type kind = kinds.get(random.nextInt(kinds.size()));
        OpenPage page = pages.get(random.nextInt(pages.size()));
        page.on(ground);
        SiegeAnswer answer = edit(values.object(kind.value().getSimpleName(), kind.name(), 0, 0), page.version());
        page.on(ground);
        page.answered(answer, ground);
        if (answer != null && answer.ok()) {
            String wrong = page.follow();
            if (wrong != null) {
                fault("edit of one of two pages " + kind.name(), wrong);
            }
        }
    }

    private SiegeAnswer edit(ObjectNode edit, long version) throws IOException {
        String body = "{\"version\":" + version + ",\"edit\":" + SiegeValues.write(edit) + "}";
        return ask(
                "POST",
                EDITS.replace("{clipId}", ground.clipId()),
                "application/json",
                body.getBytes(StandardCharsets.UTF_8),
                true);
    }

    private void call(Operation call) throws IOException {
        askedCalls.add(call.method() + " " + call.path());
        boolean hostile = random.nextInt(3) > 0;
        String address = call.address(values, random, hostile);
        byte[] body = new byte[0];
        if (call.files()) {
            body = ground.file();
        } else if (call.bodySchema() != null) {
            JsonNode sent = hostile ? values.bad(call.bodySchema(), "body") : values.good(call.bodySchema(), "body");
            body = SiegeValues.write(sent).getBytes(StandardCharsets.UTF_8);
            if (hostile && random.nextInt(6) == 0) {
                body = ground.spoilt(body);
            }
        }
        String type = call.files() ? "application/octet-stream" : "application/json";
        ask(call.method(), address, type, body, call.changesTheTrack());
    }

    /** @return null where none came */
    private SiegeAnswer ask(String method, String address, String type, byte[] body, boolean changes)
            throws IOException {
        requests++;
        String said = method + " " + address + " " + shortened(new String(body, StandardCharsets.UTF_8));
        long sleptBefore = pauses.sleptMs();
        SiegeAnswer answer;
        try {
            answer = target.ask(method, address, type, body);
        } catch (IOException e) {
            fault(said, "no answer: " + e);
            return null;
        }
        String fault = answer.fault(pauses.sleptMs() - sleptBefore);
        if (fault != null) {
            fault(said, fault);
        }
        if (!answer.ok()) {
            refused++;
            return answer;
        }
        taken++;
        stopWork(answer, method);
        if (!method.equals("GET")) {
            ground.refresh();
        }
        if (changes) {
            List<String> broken = aftermath.of(ground.clipPath());
            broken.forEach(one -> fault(said, one));
            if (!broken.isEmpty()) {
                ground.begin();
            }
        }
        return answer;
    }

    /** Hearing and burning would only make the rest slow. */
    private void stopWork(SiegeAnswer answer, String method) throws IOException {
        if (method.equals("POST") && answer.type().contains("json")) {
            JsonNode made = answer.json();
            if (made.has("state") && made.has("id")) {
                target.post("/api/jobs/" + made.path("id").asString() + "/stop", "");
            }
        }
    }

    private void fault(String said, String fault) {
        String sort =
                said.substring(0, Math.min(said.length(), 12)) + fault.replaceAll("“[^”]*”|[a-z0-9]{12}|\\d+", "");
        faults.putIfAbsent(sort, shortened(said) + "\n    → " + shortened(fault));
    }

    private static String shortened(String text) {
        return text.length() <= MOST_SAID ? text : text.substring(0, MOST_SAID) + "…";
    }
}
