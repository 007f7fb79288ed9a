package saltdrum.core.check.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import saltdrum.core.check.Check;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.Finding;
import saltdrum.core.check.FindingLocation;
import saltdrum.core.check.HeadlineNames;
import saltdrum.core.check.PartCache;
import saltdrum.core.check.Remedy;
import saltdrum.core.check.TextBlock;
import saltdrum.core.cue.BlockPlace;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.SafeZones;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.BreakEdit.BalanceLines;
import saltdrum.core.edit.BreakEdit.SplitCue;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.Edit;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.look.LookPatch;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Part;

/** Checks that letters are large enough and visible. */
final class PlaceCheck implements Check {
    /** Antialiased edges and rounding reach so far, design pixels. */
    private static final double HAIR = 3;

    private final PartCache<List<Remedy>> kept = new PartCache<>();

    @Override
    public Set<CheckKind> kinds() {
        return Set.of(CheckKind.SIZE, CheckKind.SAFE, CheckKind.FRAME, CheckKind.HEADLINE);
    }

    @Override
    public List<Finding> of(CheckInput subject) {
        List<Finding> found = new ArrayList<>();
        for (int i = 0; i < subject.track.cues().size(); i++) {
            Cue cue = subject.track.cues().get(i);
            Part part = subject.part(cue.id());
            if (part != null) {
                small(subject, i, part).ifPresent(found::add);
                placed(subject, subject.whole(i), part, new Held(subject, cue), found);
                headline(subject, i, part).ifPresent(found::add);
            }
        }
        for (Headline headline : subject.track.beside().headlines()) {
            Part part = subject.part(headline.id());
            if (part != null) {
                FindingLocation spot =
                        new FindingLocation(headline.id(), 0, part.startMs(), part.startMs(), part.endMs());
                placed(subject, spot, part, new Held(headline), found);
            }
        }
        return found;
    }

    /** A cue or a headline, as far as its place is concerned. */
    private record Held(long id, Look look, boolean headline) {
        Held(CheckInput subject, Cue cue) {
            this(cue.id(), subject.cascade.ofCue(cue), false);
        }

        /** The place of a headline is the frame's, until it is moved. */
        Held(Headline headline) {
            this(headline.id(), null, true);
        }

        Edit changed(LookPatch patch) {
            return headline ? new ChangeLook(null, null, null, id, patch, null) : ChangeLook.ofCues(List.of(id), patch);
        }
    }

    private Optional<Finding> small(CheckInput subject, int i, Part part) {
        Cue cue = subject.track.cues().get(i);
        double size = subject.block(part).smallest();
        double least = subject.limits.smallest();
        if (size == 0 || size >= least - 0.5) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                        CheckKind.SIZE,
                        subject.whole(i),
                        Math.round(size),
                        least,
                        "of 1080",
                        part.fit() < 1
                                ? String.format(
                                        Locale.ROOT,
                                        "Shrunk to %.0f %% to fit: its letters are %.0f of 1080 high.",
                                        100 * part.fit(),
                                        size)
                                : String.format(Locale.ROOT, "Its letters are %.0f of 1080 high.", size))
                .with(kept.of(part, key(subject, CheckKind.SIZE), () -> larger(subject, cue, size))));
    }

    /** What remedies depend on beside the part. */
    private static List<Object> key(CheckInput subject, CheckKind kind) {
        return List.of(kind, subject.track.recipe(), subject.limits, subject.layout);
    }

    private static List<Remedy> larger(CheckInput subject, Cue cue, double size) {
        double least = subject.limits.smallest();
        List<Remedy> ways = new ArrayList<>();
        if (cue.words().size() > 1) {
            size(subject, "Balance its lines", new BalanceLines(List.of(cue.id())), cue, least)
                    .ifPresent(ways::add);
            size(
                            subject,
                            "Split the cue",
                            new SplitCue(cue.words().get(cue.middle()).id()),
                            cue,
                            least)
                    .ifPresent(ways::add);
        }
        double wanted = Math.ceil(subject.cascade.ofCue(cue).get(Facets.SIZE) * least / size + 1);
        size(
                        subject,
                        "Larger letters",
                        ChangeLook.ofCues(List.of(cue.id()), LookPatch.of(Facets.SIZE, Math.min(400, wanted))),
                        cue,
                        least)
                .ifPresent(ways::add);
        return ways;
    }

    private static Optional<Remedy> size(CheckInput subject, String said, Edit edit, Cue cue, double least) {
        return subject.tried(said, edit, tried -> smallest(subject, tried, cue), least - 0.5, Double.MAX_VALUE);
    }

    private static double smallest(CheckInput subject, Track tried, Cue cue) {
        return tried.cues().stream()
                .filter(one -> one.words().stream().anyMatch(word -> cue.indexOf(word.id()) >= 0))
                .map(one -> subject.trial.part(tried, one.id()))
                .filter(part -> part != null)
                .mapToDouble(part -> TextBlock.of(part).smallest())
                .min()
                .orElse(0);
    }

    private void placed(CheckInput subject, FindingLocation spot, Part part, Held held, List<Finding> found) {
        Box block = subject.block(part).box();
        if (block.width() <= 0) {
            return;
        }
        Box frame = new Box(0, 0, subject.scene.width(), subject.scene.height());
        double outFrame = outside(block, frame);
        Covered safe = covered(subject, block);
        String what = held.headline ? "The headline" : "The caption";
        if (outFrame > HAIR) {
            found.add(Finding.of(
                            CheckKind.FRAME,
                            spot,
                            percent(outFrame, frame),
                            0,
                            "% of the frame",
                            what + " reaches over the edge of the frame and is cut off.")
                    .with(kept.of(
                            part,
                            key(subject, CheckKind.FRAME),
                            () -> inside(subject, held, block, frame.grown(-0.02 * frame.width())))));
        } else if (safe.by > HAIR) {
            found.add(Finding.of(
                            CheckKind.SAFE,
                            spot,
                            percent(safe.by, frame),
                            0,
                            "% of the frame",
                            what + " " + safe.where + ".")
                    .with(kept.of(
                            part, key(subject, CheckKind.SAFE), () -> inside(subject, held, block, subject.safe()))));
        }
    }

    private record Covered(double by, String where) {}

    /** The overlap with the worst of a phone's zones; if there are none, with the margin. */
    private static Covered covered(CheckInput subject, Box block) {
        if (subject.layout.zones().isEmpty()) {
            return new Covered(outside(block, subject.safe()), "is in the margin of the frame");
        }
        Covered most = new Covered(0, "");
        for (SafeZones.Zone zone : subject.layout.zones()) {
            Box part = zone.part();
            Box over = block.intersection(new Box(
                    part.x() * subject.scene.width(),
                    part.y() * subject.scene.height(),
                    part.width() * subject.scene.width(),
                    part.height() * subject.scene.height()));
            double by = Math.min(over.width(), over.height());
            if (by > most.by) {
                String where =
                        switch (zone.kind()) {
                            case BAR -> "reaches under the bar at the top";
                            case BUTTONS -> "reaches under the buttons at the right";
                            case TEXT -> "reaches into the text at the bottom";
                        };
                most = new Covered(by, where);
            }
        }
        return most;
    }

    private static double percent(double pixels, Box frame) {
        return Math.round(1000 * pixels / frame.height()) / 10.0;
    }

    /** By how much one box reaches out of another, at its worst side. */
    private static double outside(Box inner, Box outer) {
        return Math.max(
                Math.max(outer.x() - inner.x(), inner.right() - outer.right()),
                Math.max(outer.y() - inner.y(), inner.bottom() - outer.bottom()));
    }

    /** Moved as far as it must; where it is too large for the room made narrower or smaller, then moved. */
    private static List<Remedy> inside(CheckInput subject, Held held, Box block, Box room) {
        double width = subject.scene.width();
        double height = subject.scene.height();
        Look look = held.headline ? null : held.look;
        double dx = shift(block.x(), block.right(), room.x(), room.right());
        double dy = shift(block.y(), block.bottom(), room.y(), room.bottom());
        List<Remedy> ways = new ArrayList<>();
        if (look == null) {
            LookPatch middle = LookPatch.of(Facets.X, (block.x() + block.width() / 2 + dx) / width)
                    .with(Facets.Y, (block.y() + block.height() / 2 + dy) / height);
            within(subject, "Move it", held, middle, room).ifPresent(ways::add);
            within(subject, "Smaller, and moved", held, middle.with(Facets.WIDEST, part(room.width() / width)), room)
                    .ifPresent(ways::add);
            return ways;
        }
        LookPatch moved = LookPatch.of(Facets.X, part(look.get(Facets.X) + dx / width))
                .with(Facets.Y, part(BlockPlace.down(look, subject.layout.safe()) + dy / height));
        within(subject, "Move it", held, moved, room).ifPresent(ways::add);
        LookPatch narrow = LookPatch.of(Facets.X, part((room.x() + room.width() / 2) / width))
                .with(Facets.Y, part(BlockPlace.down(look, subject.layout.safe()) + dy / height))
                .with(Facets.WIDEST, Math.max(0.1, part(0.98 * room.width() / width)));
        within(subject, "Make it narrower", held, narrow, room).ifPresent(ways::add);
        double smaller = 0.97
                * look.get(Facets.SIZE)
                * Math.min(1, Math.min(room.width() / block.width(), room.height() / block.height()));
        within(subject, "Smaller letters", held, narrow.with(Facets.SIZE, Math.max(8, Math.floor(smaller))), room)
                .ifPresent(ways::add);
        return ways;
    }

    private static double part(double value) {
        return Math.round(Math.min(1, Math.max(0, value)) * 10_000) / 10_000.0;
    }

    private static double shift(double from, double to, double low, double high) {
        return from < low ? low - from : to > high ? high - to : 0;
    }

    private static Optional<Remedy> within(CheckInput subject, String said, Held held, LookPatch patch, Box room) {
        Edit edit = held.changed(patch);
        return subject.tried(
                said,
                edit,
                tried -> {
                    Part part = subject.trial.part(tried, held.id);
                    return part == null
                            ? 0
                            : Math.max(0, outside(TextBlock.of(part).box(), room) - HAIR);
                },
                0,
                0.5);
    }

    private Optional<Finding> headline(CheckInput subject, int i, Part part) {
        Box block = subject.block(part).box();
        for (Headline headline : subject.track.beside().headlines()) {
            Part other = subject.part(headline.id());
            boolean together = other != null && other.startMs() < part.endMs() && part.startMs() < other.endMs();
            if (together && subject.block(other).box().grown(-HAIR).meets(block)) {
                Box taken = subject.block(other).box();
                FindingLocation spot = subject.whole(i);
                int when = Math.max(spot.fromMs(), other.startMs());
                return Optional.of(Finding.of(
                                CheckKind.HEADLINE,
                                new FindingLocation(
                                        spot.cueId(),
                                        0,
                                        Math.max(when, Math.min(spot.ms(), other.endMs() - 1)),
                                        spot.fromMs(),
                                        spot.toMs()),
                                "The caption covers the headline “" + HeadlineNames.shortened(headline) + "”.")
                        .with(kept.of(
                                part,
                                List.of(taken, subject.layout),
                                () -> clear(subject, subject.track.cues().get(i), block, taken))));
            }
        }
        return Optional.empty();
    }

    private static List<Remedy> clear(CheckInput subject, Cue cue, Box block, Box taken) {
        double gap = 0.02 * subject.scene.height();
        double y = BlockPlace.down(subject.cascade.ofCue(cue), subject.layout.safe());
        List<Remedy> ways = new ArrayList<>();
        for (double dy : new double[] {taken.bottom() + gap - block.y(), taken.y() - gap - block.bottom()}) {
            LookPatch patch = LookPatch.of(Facets.Y, part(y + dy / subject.scene.height()));
            Edit edit = ChangeLook.ofCues(List.of(cue.id()), patch);
            subject.tried(
                            dy > 0 ? "Move it under the headline" : "Move it above the headline",
                            edit,
                            tried -> {
                                Part moved = subject.trial.part(tried, cue.id());
                                Box now = moved == null
                                        ? taken
                                        : TextBlock.of(moved).box();
                                return now.meets(taken) || outside(now, subject.safe()) > HAIR ? 1 : 0;
                            },
                            0,
                            0)
                    .ifPresent(ways::add);
        }
        return ways;
    }
}
