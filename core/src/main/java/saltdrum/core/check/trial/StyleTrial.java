package saltdrum.core.check.trial;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.Finding;
import saltdrum.core.check.Onsets;
import saltdrum.core.check.light.FramedLight;
import saltdrum.core.check.light.LightSamples;
import saltdrum.core.check.rule.Checker;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.fitted.FittedBreaks;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.Style;
import saltdrum.core.word.Word;

/**
 * Tries a style as it is when nothing was touched: with every recipe that ships, in every frame, over a clip's own
 * picture and over {@linkplain MadePicture hard ones}. What is found is a fault of the style, or of the words.
 */
public final class StyleTrial {
    private final SceneMaker scenes;
    private final Checker checker = new Checker();

    public StyleTrial(SceneMaker scenes) {
        this.scenes = scenes;
    }

    /**
     * Words that a style is tried on.
     *
     * @param clip size of the clip's upright picture in pixels
     * @param light of the clip's own picture; null for none
     */
    public record Sample(String language, List<Word> words, int lengthMs, Size clip, LightSamples light) {}

    /**
     * One thing that was found.
     *
     * @param picture as a person says it
     * @param text of the cue
     */
    public record Fault(Recipe recipe, Frame.Aspect frame, String picture, Finding finding, String text) {
        /** As one line for a person. */
        public String said() {
            return finding.kind().label + ": " + finding.said() + " (“" + text + "”, " + recipe.name() + ", "
                    + frame.label + ", " + picture + ")";
        }
    }

    /**
     * What was found, and how large the cues were set.
     *
     * @param fits of every cue in every combination, 1 for full size
     */
    public record Result(List<Fault> faults, List<Double> fits) {}

    public Result of(Style style, Sample sample) {
        List<Fault> faults = new ArrayList<>();
        List<Double> fits = new ArrayList<>();
        for (Recipe recipe : Recipe.BUILT_IN) {
            for (Frame.Aspect aspect : Frame.SHAPES) {
                Track track = track(style, sample, recipe, aspect);
                Scene scene = scenes.make(track, style, sample.clip);
                scene.parts().stream().map(Part::fit).forEach(fits::add);
                // Only the contrast depends on the picture.
                Set<CheckKind> kinds = EnumSet.allOf(CheckKind.class);
                for (Map.Entry<String, LightSamples> picture : pictures(sample).entrySet()) {
                    CheckInput input = input(track, style, scene, sample, picture.getValue());
                    for (Finding finding : checker.findings(input, kinds)) {
                        faults.add(new Fault(recipe, aspect, picture.getKey(), finding, text(track, finding)));
                    }
                    kinds = EnumSet.of(CheckKind.CONTRAST);
                }
            }
        }
        return new Result(faults, fits);
    }

    private static Map<String, LightSamples> pictures(Sample sample) {
        Map<String, LightSamples> pictures = new LinkedHashMap<>();
        if (sample.light != null) {
            pictures.put("its own picture", sample.light);
        }
        for (MadePicture picture : MadePicture.values()) {
            pictures.put(picture.label, picture.samples());
        }
        return pictures;
    }

    private Track track(Style style, Sample sample, Recipe recipe, Frame.Aspect aspect) {
        Track empty = Track.empty(sample.language, style.name())
                .withRecipe(recipe)
                .withFrame(Frame.OWN.shaped(aspect))
                .withLength(sample.lengthMs);
        return FittedBreaks.followed(
                empty,
                empty.withWords(sample.words),
                null,
                sample.clip,
                track -> scenes.measure(track, style, sample.clip));
    }

    private static CheckInput input(Track track, Style style, Scene scene, Sample sample, LightSamples light) {
        FrameLayout layout = track.frame().layout(sample.clip);
        // Nothing is mended here, so no remedy needs to be tried.
        return new CheckInput.Builder(track, scene, layout, new Cascade(style, track.styling()), (tried, id) -> null)
                .onsets(Onsets.of(track.words().toList()))
                .light(new FramedLight(light, null, track.frame(), layout))
                .build();
    }

    private static String text(Track track, Finding finding) {
        return track.cues().stream()
                .filter(cue -> cue.id() == finding.spot().cueId())
                .findFirst()
                .map(cue -> cue.text())
                .orElse("");
    }
}
