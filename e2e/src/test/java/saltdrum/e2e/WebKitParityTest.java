package saltdrum.e2e;

import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Safari's engine as Debian builds it, which paints with Skia; Apple's paints with Core Graphics and is not tried here. */
@EnabledIfSystemProperty(named = "engines", matches = "true")
class WebKitParityTest extends EngineParity {
    @Override
    Engine begin() throws Exception {
        return new WebKit();
    }
}
