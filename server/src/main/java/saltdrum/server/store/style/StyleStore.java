package saltdrum.server.store.style;

import jakarta.annotation.PostConstruct;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import saltdrum.core.BadInputException;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleFile;
import saltdrum.core.style.StyleShelf;
import saltdrum.core.text.Quoted;

/** The styles of this workshop, with all their versions. A track keeps the version that it was made with. */
@Component
public class StyleStore implements StyleShelf {
    private final StyleMapper mapper;
    private final TransactionTemplate writing;

    StyleStore(StyleMapper mapper, TransactionTemplate writing) {
        this.mapper = mapper;
        this.writing = writing;
    }

    /** Those that ship with this version of the application are put on the shelf, or a version of them more. */
    @PostConstruct
    void ship() {
        ShippedStyles shipped = new ShippedStyles();
        ship(shipped.all(), false);
        ship(shipped.motions(), true);
    }

    private void ship(List<Style> shipped, boolean motion) {
        for (int i = 0; i < shipped.size(); i++) {
            makeWay(shipped.get(i).name());
            mapper.ship(shipped.get(i).name(), i, motion);
            keep(shipped.get(i));
        }
    }

    /** One of the workshop's own that has the name of one that ships now gets another; tracks that use it keep it. */
    private void makeWay(String name) {
        StyleRow there = mapper.find(name, 0);
        if (there != null && !there.shipped() && there.name().equalsIgnoreCase(name)) {
            String other = there.name() + ", ours";
            for (int i = 2; has(other); i++) {
                other = there.name() + ", ours " + i;
            }
            rename(there.name(), other, null);
        }
    }

    private void keep(Style style) {
        StyleRow newest = mapper.find(style.name(), 0);
        if (newest == null || !newest.style().equals(style)) {
            writing.executeWithoutResult(status -> {
                mapper.pin(style.name());
                mapper.pinHistory(style.name(), "before");
                mapper.pinHistory(style.name(), "after");
                mapper.addVersion(style.name(), StyleFile.FORM.write(style));
            });
        }
    }

    public List<StyleRow> listed() {
        return mapper.newest(false);
    }

    /** Those that say only how captions move. */
    public List<StyleRow> motions() {
        return mapper.newest(true);
    }

    @Override
    public List<Style> all() {
        return listed().stream().map(StyleRow::style).toList();
    }

    /**
     * Returns the newest version if the requested one does not exist: a file may name a version of another workshop.
     */
    @Override
    public Style get(String name, int version) {
        StyleRow row = mapper.find(name, version);
        return (row == null ? row(name, 0) : row).style();
    }

    /**
     * @param version 0 for the newest
     * @throws BadInputException when there is none
     */
    public StyleRow row(String name, int version) {
        StyleRow row = mapper.find(name, version);
        if (row == null && version > 0 && has(name)) {
            throw new BadInputException(Quoted.of(name) + " has no version " + version + ".");
        }
        if (row == null) {
            throw StyleShelf.missing(name, all());
        }
        return row;
    }

    public boolean has(String name) {
        StyleRow row = mapper.find(name, 0);
        return row != null && row.name().equalsIgnoreCase(name);
    }

    /** Notes that a clip took it. */
    public void used(String name) {
        mapper.used(name);
    }

    /** The edit that gives a track the newest version of a style. */
    public Restyle restyle(String name) {
        StyleRow row = row(name, 0);
        return new Restyle(row.name(), row.version(), null);
    }

    /** The style that a clip took last; null where none did. */
    public String lastUsed() {
        return mapper.lastUsed();
    }

    /** All versions of it, the newest first. */
    public List<StyleRow> versions(String name) {
        return mapper.versions(row(name, 0).id());
    }

    public StyleUses uses(String name) {
        return mapper.uses(row(name, 0).id());
    }

    /**
     * Keeps a style under its name.
     *
     * @param over whether it may become a version more of one that has that name
     */
    public StyleRow save(Style style, boolean over) {
        StyleRow there = mapper.find(style.name(), 0);
        boolean named = there != null && there.name().equalsIgnoreCase(style.name());
        if (named && there.motion() != style.onlyMotion()) {
            throw new BadInputException(Quoted.of(there.name()) + " is the name of a "
                    + (there.motion() ? "motion" : "style") + " already. Choose another name.");
        }
        if (named && !there.putAway() && !over) {
            throw new BadInputException("There is a " + (there.motion() ? "motion" : "style") + " "
                    + Quoted.of(there.name()) + " already. Choose another name, or save this as a new version of it.");
        }
        Style kept = named ? style.named(there.name(), style.about()) : style;
        mapper.add(kept.name(), kept.onlyMotion());
        keep(kept);
        return row(kept.name(), 0);
    }

    public StyleRow rename(String name, String newName, String about) {
        StyleRow row = row(name, 0);
        Style renamed = row.style().named(newName, about == null ? row.style().about() : about);
        if (!row.name().equalsIgnoreCase(newName) && has(newName)) {
            throw new BadInputException("There is a style " + Quoted.of(newName) + " already. Choose another name.");
        }
        if (row.shipped() && !row.name().equals(newName)) {
            throw new BadInputException(
                    Quoted.of(row.name()) + " ships with Salt Drum and cannot be renamed. Save it under another name.");
        }
        if (!row.name().equals(newName)) {
            writing.executeWithoutResult(status -> {
                mapper.rename(row.id(), newName);
                mapper.renameInTracks(row.name(), newName);
                mapper.renameInHistory(row.name(), newName, "before");
                mapper.renameInHistory(row.name(), newName, "after");
            });
        }
        keep(renamed);
        return row(newName, 0);
    }

    /** Out of the strip, or back into it; tracks that use it keep it. */
    public StyleRow putAway(String name, boolean away) {
        StyleRow row = row(name, 0);
        mapper.putAway(row.id(), away);
        return row(name, 0);
    }

    /** Makes an older version the newest one again. */
    public StyleRow takeBack(String name, int version) {
        StyleRow old = row(name, version);
        keep(old.style().named(old.name(), old.style().about()));
        return row(name, 0);
    }
}
