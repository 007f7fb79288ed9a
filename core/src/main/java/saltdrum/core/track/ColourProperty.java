package saltdrum.core.track;

import com.fasterxml.jackson.annotation.JsonProperty;

/** A colour that tracks can animate; the last track of one replaces those before it and the mark's own paint. */
public enum ColourProperty {
    @JsonProperty("fill")
    FILL
}
