package saltdrum.server.store;

import java.util.Optional;
import org.springframework.stereotype.Component;

/** Answers to calls with an idempotency key: of two identical calls, on any server, only the first does something. */
@Component
public class AnsweredCallStore {
    private static final int KEPT_MINUTES = 5;

    private final AnsweredCallMapper calls;

    AnsweredCallStore(AnsweredCallMapper calls) {
        this.calls = calls;
    }

    /** @param mediaType null for an empty body */
    public record Answer(int status, String mediaType, byte[] body) {}

    /** @return whether this is the first call of that id */
    public boolean begin(String id) {
        return calls.begin(id) == 1;
    }

    public void end(String id, Answer answer) {
        calls.end(id, answer.status(), answer.mediaType(), answer.body());
    }

    /** Empty while the first call is being answered, or if there is none. */
    public Optional<Answer> find(String id) {
        return Optional.ofNullable(calls.find(id));
    }

    /** After a failure: the same call may be tried again. */
    public void drop(String id) {
        calls.drop(id);
    }

    public void dropOld() {
        calls.dropOlder(KEPT_MINUTES);
    }
}
