package saltdrum.core.look;

import java.util.regex.Pattern;
import saltdrum.core.BadInputException;
import saltdrum.core.parts.ControlHint;
import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValuePart;
import saltdrum.core.parts.ValueParts;

/**
 * The value of one axis of a variable typeface; ignored if the typeface does not have the axis.
 *
 * @param tag four letters, as OpenType names it: {@code SOFT}
 */
@Label("Axis")
public record Axis(
        @Label("Axis") @ControlHint(ValuePart.Control.TEXT) String tag,
        @Label("Value") @NumberRange(least = -32768, most = 32767, step = 1) double value) {
    private static final Pattern TAG = Pattern.compile("[A-Za-z0-9 ]{4}");

    public Axis {
        if (tag == null || !TAG.matcher(tag).matches()) {
            throw new BadInputException("An axis of a typeface is named by four letters, such as “SOFT”.");
        }
        ValueParts.check(Axis.class, value);
    }
}
