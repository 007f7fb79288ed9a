package saltdrum.e2e;

import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Firefox as Debian packs it. */
@EnabledIfSystemProperty(named = "engines", matches = "true")
class FirefoxParityTest extends EngineParity {
    @Override
    Engine begin() throws Exception {
        return new Firefox();
    }
}
