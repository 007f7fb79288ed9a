package saltdrum.server.store.people;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import saltdrum.core.RefusedEditException;
import saltdrum.server.store.OpaqueIds;

/** The TOTP secrets and recovery codes of people with a second step. */
@Component
public class SecondStepStore {
    private static final int RECOVERY_CODES = 10;
    private static final int PART = 4;

    private final SecondStepMapper steps;
    private final PersonMapper people;

    SecondStepStore(SecondStepMapper steps, PersonMapper people) {
        this.steps = steps;
        this.people = people;
    }

    /** Null if the person has none. */
    public byte[] secret(long personId) {
        SecondStepMapper.Secret row = steps.secret(personId);
        return row == null ? null : row.secret();
    }

    /** @return recovery codes */
    @Transactional
    public List<String> take(long personId, byte[] secret, long step) {
        steps.set(personId, secret, step);
        return renewRecovery(personId);
    }

    /** The old ones are no longer valid. */
    @Transactional
    public List<String> renewRecovery(long personId) {
        steps.forgetRecovery(personId);
        List<String> codes = new ArrayList<>();
        for (int i = 0; i < RECOVERY_CODES; i++) {
            String code = OpaqueIds.recoveryCode();
            steps.addRecovery(personId, OpaqueIds.hash(code));
            codes.add(code.replaceAll("(.{" + PART + "})(?!$)", "$1-"));
        }
        return codes;
    }

    /** @return whether no code of that time step or a later one was used before */
    public boolean use(long personId, long step) {
        return steps.use(personId, step) == 1;
    }

    public boolean useRecovery(long personId, String code) {
        return steps.useRecovery(personId, OpaqueIds.hash(code)) == 1;
    }

    @Transactional
    public void drop(long personId) {
        steps.drop(personId);
        steps.forgetRecovery(personId);
    }

    /** Whether it is asked of all. */
    public boolean ofAll() {
        return steps.ofAll();
    }

    /** Requires a second step of everyone; people without one are signed out and set it up at the next sign-in. */
    @Transactional
    public void requireOfEveryone(boolean ofAll, Long asker) {
        if (ofAll && asker != null && secret(asker) == null) {
            throw new RefusedEditException("Set up your own second step first. Nothing was changed.");
        }
        steps.requireOfEveryone(ofAll);
        if (ofAll) {
            steps.without().forEach(id -> people.endSessions(Long.toString(id), ""));
        }
    }
}
