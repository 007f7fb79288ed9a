package saltdrum.core.layout;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.Headline;
import saltdrum.core.look.FacetChoices.Grow;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.plane.Box;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** Lays a headline out as a cue: all its words appear together, and none is ever the spoken one. */
public final class HeadlineCue {
    private static final double MIDDLE = 0.5;

    private HeadlineCue() {}

    /** @param endMs when it goes */
    public static Cue of(Headline headline, FrameLayout layout, int endMs) {
        List<Word> words = new ArrayList<>();
        List<Integer> lines = new ArrayList<>();
        for (String line : headline.text().split("\\R")) {
            if (!words.isEmpty() && !line.isBlank()) {
                lines.add(words.size());
            }
            for (String text : line.strip().split("\\s+")) {
                if (!text.isEmpty()) {
                    // Words of a headline have no ids of their own: they are counted below nought.
                    words.add(Word.of(-1 - words.size(), text, headline.fromMs(), endMs, WordSource.TYPED));
                }
            }
        }
        return new Cue(headline.id(), words, lines, false, null, headline.look().over(placed(headline, layout)));
    }

    private static LookPatch placed(Headline headline, FrameLayout layout) {
        FrameLayout.Places places = layout.places();
        Box box =
                switch (headline.place()) {
                    case ABOVE -> places.above();
                    case OVER -> places.over();
                    case BELOW -> places.below();
                };
        // In the middle of the frame, and as wide as the side with less room allows.
        double half = Math.min(MIDDLE - box.x(), box.right() - MIDDLE);
        return LookPatch.of(Facets.X, half > 0 ? MIDDLE : box.x() + box.width() / 2)
                .with(Facets.Y, box.y() + box.height() / 2)
                .with(Facets.GROW, Grow.BOTH)
                .with(Facets.WIDEST, Math.max(0.1, Math.min(1, half > 0 ? 2 * half : box.width())))
                .with(Facets.SPOKEN, List.of());
    }
}
