package saltdrum.core.delivery;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.MayBeMissing;

/**
 * How long finished files are stored. Clips, captions and receipts are not affected.
 *
 * @param days after which a file is removed, 1 to 3650; null for never
 * @param gigabytes limit for all finished files together, 1 to 100000: the oldest are removed first; null for no
 * limit
 */
public record Retention(@MayBeMissing Integer days, @MayBeMissing Integer gigabytes) implements FromOutside {
    public static final Retention FOR_EVER = new Retention(null, null);

    private static final int MOST_DAYS = 3650;
    private static final int MOST_GIGABYTES = 100_000;
    private static final long GIGABYTE = 1_000_000_000L;

    public Retention {
        within(days, MOST_DAYS, "Files are kept 1 to " + MOST_DAYS + " days, not ");
        within(gigabytes, MOST_GIGABYTES, "Finished files may have 1 to " + MOST_GIGABYTES + " GB, not ");
    }

    private static void within(Integer value, int most, String said) {
        if (value != null && (value < 1 || value > most)) {
            throw new BadInputException(said + value + ".");
        }
    }

    /** A finished file that could go. */
    public interface Kept {
        Instant finished();

        long bytes();
    }

    /** @return those that go by now, the oldest first */
    public <K extends Kept> List<K> going(List<K> files, Instant now) {
        List<K> newestFirst = new ArrayList<>(files);
        newestFirst.sort(Comparator.comparing(Kept::finished).reversed());
        List<K> going = new ArrayList<>();
        long sum = 0;
        for (K file : newestFirst) {
            boolean old = days != null && file.finished().isBefore(now.minus(Duration.ofDays(days)));
            boolean tooMuch = gigabytes != null && sum + file.bytes() > gigabytes * GIGABYTE;
            if (old || tooMuch) {
                going.add(0, file);
            } else {
                sum += file.bytes();
            }
        }
        return going;
    }
}
