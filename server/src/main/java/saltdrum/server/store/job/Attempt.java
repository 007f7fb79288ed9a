package saltdrum.server.store.job;

/**
 * One attempt at a job, until the job or its worker ends.
 *
 * @param number from 1; only the highest of a job counts
 */
public record Attempt(String jobId, int number) {
    private static final char BETWEEN = '.';

    /** Names a folder of this attempt's own. */
    public String folder() {
        return jobId + BETWEEN + number;
    }

    /** Whether the folder is of an earlier attempt at the same job; one without a number was made before there were any. */
    public boolean follows(String folder) {
        return jobOf(folder).equals(jobId)
                && (folder.equals(jobId) || Integer.parseInt(folder.substring(jobId.length() + 1)) < number);
    }

    /** The job of an attempt's folder. */
    public static String jobOf(String folder) {
        int end = folder.indexOf(BETWEEN);
        return end < 0 ? folder : folder.substring(0, end);
    }
}
