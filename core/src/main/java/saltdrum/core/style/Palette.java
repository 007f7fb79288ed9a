package saltdrum.core.style;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import saltdrum.core.Json;
import saltdrum.core.cue.Track;
import saltdrum.core.look.LookPatch;

/** The colours that are in use. */
public final class Palette {
    private static final Pattern COLOUR = Pattern.compile("\"(#[0-9a-fA-F]{6})(?:[0-9a-fA-F]{2})?\"");
    private static final int MOST = 16;

    private Palette() {}

    /** Of a track and its style: opaque, each once, at most sixteen, those of the style first. */
    public static List<String> of(Style style, Track track) {
        List<LookPatch> looks = new ArrayList<>();
        looks.add(style.look());
        style.emphasis().forEach(voice -> looks.add(voice.look()));
        looks.add(track.styling().all());
        looks.addAll(track.styling().roles());
        track.cues().forEach(cue -> looks.add(cue.look()));
        track.words().forEach(word -> looks.add(word.look()));
        Set<String> colours = new LinkedHashSet<>();
        for (LookPatch look : looks) {
            if (!look.isEmpty()) {
                // Colours have the same syntax everywhere in a look.
                Matcher found = COLOUR.matcher(Json.write(look));
                while (found.find()) {
                    colours.add(found.group(1).toLowerCase(Locale.ROOT));
                }
            }
        }
        return colours.stream().limit(MOST).toList();
    }
}
