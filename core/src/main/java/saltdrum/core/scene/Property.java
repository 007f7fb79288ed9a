package saltdrum.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/** What a track can animate. Rest values: opacity, scale and extent 1, shifts and rotation 0, fill the mark's own. */
public enum Property {
    @JsonProperty("opacity")
    OPACITY,
    @JsonProperty("x")
    X,
    @JsonProperty("y")
    Y,
    @JsonProperty("scale")
    SCALE,
    @JsonProperty("rotation")
    ROTATION,
    @JsonProperty("extent")
    EXTENT,
    @JsonProperty("fill")
    FILL
}
