package saltdrum.e2e;

/** Safari's engine, and that of every browser on an iPhone. */
class WebKitTest extends InAnEngine {
    @Override
    Engine begin() throws Exception {
        return new WebKit();
    }
}
