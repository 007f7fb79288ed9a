package saltdrum.e2e;

/** Firefox as Debian packs it. */
class FirefoxTest extends InAnEngine {
    @Override
    Engine begin() throws Exception {
        return new Firefox();
    }
}
