package saltdrum.speech.acoustic;

import edu.cmu.sphinx.linguist.acoustic.HMMPosition;
import edu.cmu.sphinx.linguist.acoustic.UnitManager;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.GaussianWeights;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.Sphinx3Loader;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.URL;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import saltdrum.speech.prepared.SortedLines;

/** Made by the build of the acoustic model's own files, for {@link ShippedLoader}. */
public final class PreparedModel {
    private static final String FOLDER = "/edu/cmu/sphinx/models/en-us/en-us";
    static final URL PLACE = PreparedModel.class.getResource(FOLDER);
    /** sphinx4's file of all phones in context and their senones. */
    static final String DEFINITION = "mdef";

    static final float LEAST_WEIGHT = 1e-7f;

    /** {@link #DEFINITION} with no more phones in context than it takes to name every senone once. */
    public static final String SHORT = "en.mdef";
    /** Phones in context, see {@link PhonesInContext#key}: a transition matrix and senones. */
    public static final String TRIPHONES = "en.triphones";
    /** States, streams, gaussians; then the weights in that order, as logarithms of sphinx4's base. */
    public static final String WEIGHTS = "en.weights";

    private static final int STATES_FROM = 6;
    private static final int STATES = 3;

    private PreparedModel() {}

    /** Lines of the file of phones, their fields. */
    private static List<String[]> definition() throws IOException {
        try (InputStream in = PreparedModel.class.getResourceAsStream(FOLDER + "/" + DEFINITION)) {
            return new String(in.readAllBytes(), StandardCharsets.US_ASCII)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(line -> line.strip().split("\\s+"))
                    .toList();
        }
    }

    private static boolean inContext(String[] fields) {
        return fields.length > STATES_FROM && !fields[1].equals("-");
    }

    /** The state numbers are between the transition matrix and a closing N. */
    private static String[] states(String[] fields) {
        return Arrays.copyOfRange(fields, STATES_FROM, fields.length - 1);
    }

    public static byte[] triphones() throws IOException {
        SortedLines.Sorting sorting = new SortedLines.Sorting();
        for (String[] fields : definition()) {
            if (inContext(fields)) {
                String key = PhonesInContext.key(fields[0], fields[1], fields[2], HMMPosition.lookup(fields[3]));
                sorting.put(key, fields[5] + " " + String.join(" ", states(fields)));
            }
        }
        return sorting.lines();
    }

    public static byte[] shortDefinition() throws IOException {
        List<String> kept = new ArrayList<>();
        Set<String> named = new HashSet<>();
        int phones = 0;
        int inContext = 0;
        for (String[] fields : definition()) {
            boolean phone = fields.length > STATES_FROM;
            boolean tells = phone && named.addAll(List.of(states(fields)));
            if (tells || !inContext(fields)) {
                kept.add(String.join(" ", fields));
                phones += phone ? 1 : 0;
                inContext += inContext(fields) ? 1 : 0;
            }
        }
        // Each phone maps its states and the one that ends it.
        int mapped = phones * (STATES + 1);
        return (String.join("\n", kept) + "\n")
                .replaceFirst("\\d+ n_tri", inContext + " n_tri")
                .replaceFirst("\\d+ n_state_map", mapped + " n_state_map")
                .getBytes(StandardCharsets.US_ASCII);
    }

    public static byte[] weights() throws IOException {
        Sphinx3Loader loader = new Sphinx3Loader(PLACE, new UnitManager(), 0f, LEAST_WEIGHT, 1e-4f, 4, true);
        loader.load();
        GaussianWeights weights = loader.getMixtureWeights();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        DataOutputStream out = new DataOutputStream(bytes);
        out.writeInt(weights.getStatesNum());
        out.writeInt(weights.getStreamsNum());
        out.writeInt(weights.getGauPerState());
        for (int state = 0; state < weights.getStatesNum(); state++) {
            for (int stream = 0; stream < weights.getStreamsNum(); stream++) {
                for (int gaussian = 0; gaussian < weights.getGauPerState(); gaussian++) {
                    out.writeFloat(weights.get(state, stream, gaussian));
                }
            }
        }
        return bytes.toByteArray();
    }
}
