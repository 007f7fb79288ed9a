package saltdrum.media.burn;

/** Quality levels of a finished video, with the encoder settings behind them. */
public enum Quality {
    LIGHT("Light", "A small file for messages", 26),
    GOOD("Good", "For every app", 20),
    FINE("Fine", "For an archive", 15);

    private static final String PRESET = "veryfast";

    private final String label;
    private final String about;
    private final int crf;

    Quality(String label, String about, int crf) {
        this.label = label;
        this.about = about;
        this.crf = crf;
    }

    public String label() {
        return label;
    }

    public String about() {
        return about;
    }

    /** @param rate and mostBytes as in {@link BurnOrder} */
    public BurnOrder order(boolean keepCaptions, Double rate, Long mostBytes) {
        return new BurnOrder(PRESET, crf, keepCaptions, rate, mostBytes);
    }
}
