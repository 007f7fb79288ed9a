package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import saltdrum.core.look.Facet;
import saltdrum.core.look.FacetGroup;
import saltdrum.core.look.FacetKind;
import saltdrum.core.look.Facets;
import saltdrum.core.parts.ValuePart;
import saltdrum.core.parts.ValueParts;

/**
 * A facet with the control to choose it.
 *
 * @param options of a choice; empty for others
 */
record FacetView(
        String name,
        String label,
        FacetGroup group,
        Facet.Scope scope,
        Control control,
        @Schema(description = "Of a number; 0 for others") double least,
        double most,
        double step,
        String unit,
        List<ValuePart.Option> options,
        @Schema(description = "How many of a list at most; 0 for others") int count,
        @Schema(description = "What one of a list is called; empty for others") String one,
        @Schema(description = "Of what values of several parts are made, kind by kind") List<ValueParts> kinds) {
    enum Control {
        NUMBER,
        SWITCH,
        CHOICE,
        FAMILY,
        EMOJI,
        /** The axes of the chosen typeface. */
        AXES,
        INK,
        /** A value of several parts, of one of some kinds. */
        KINDS,
        /** A list of such. */
        SEVERAL,
        OTHER
    }

    static FacetView of(Facet<?> facet) {
        return facet.kind().match(new Cases(facet));
    }

    private record Cases(Facet<?> facet) implements FacetKind.Cases<FacetView> {
        @Override
        public FacetView number(FacetKind.Number number) {
            return new FacetView(
                    facet.name(),
                    facet.label(),
                    facet.group(),
                    facet.scope(),
                    Control.NUMBER,
                    number.least(),
                    number.most(),
                    number.step(),
                    number.unit(),
                    List.of(),
                    0,
                    "",
                    List.of());
        }

        @Override
        public FacetView yesOrNo(FacetKind.Switch yesOrNo) {
            return other(Control.SWITCH, List.of());
        }

        @Override
        public FacetView choice(FacetKind.Choice<?> choice) {
            return other(Control.CHOICE, ValuePart.Option.of(choice.type()));
        }

        @Override
        public FacetView family(FacetKind.Family family) {
            return other(Control.FAMILY, List.of());
        }

        @Override
        public FacetView emoji(FacetKind.Emoji emoji) {
            return other(Control.EMOJI, List.of());
        }

        @Override
        public FacetView value(FacetKind.Value<?> value) {
            return parts(value.type(), 0, facet == Facets.FILL ? Control.INK : Control.KINDS);
        }

        @Override
        public FacetView several(FacetKind.Several<?> several) {
            return parts(several.type(), several.most(), facet == Facets.AXES ? Control.AXES : Control.SEVERAL);
        }

        private FacetView other(Control control, List<ValuePart.Option> options) {
            return of(control, options, 0, "", List.of());
        }

        private FacetView parts(Class<?> type, int most, Control control) {
            List<ValueParts> kinds = ValueParts.kinds(type);
            boolean ofItsOwn = control == Control.INK || control == Control.AXES;
            return of(
                    kinds.isEmpty() && !ofItsOwn ? Control.OTHER : control,
                    List.of(),
                    most,
                    ValueParts.label(type).toLowerCase(Locale.ROOT),
                    kinds);
        }

        private FacetView of(
                Control control, List<ValuePart.Option> options, int most, String one, List<ValueParts> kinds) {
            return new FacetView(
                    facet.name(),
                    facet.label(),
                    facet.group(),
                    facet.scope(),
                    control,
                    0,
                    0,
                    0,
                    "",
                    options,
                    most,
                    one,
                    kinds);
        }
    }
}
