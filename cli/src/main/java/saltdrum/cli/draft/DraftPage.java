package saltdrum.cli.draft;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;

/** The page of a folder of drafts: what each clip needs of a person. */
final class DraftPage {
    private static final String HEAD =
            """
            <!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">
            <title>%1$s</title><style>
            body{font:17px/1.5 Georgia,serif;max-width:46rem;margin:2.5rem auto;padding:0 1rem;background:#f6f1e6;color:#12363b}
            h1{font-size:1.5rem}section{display:flex;gap:1.2rem;margin:2rem 0;border-top:1px solid #d8cfbd;padding-top:1.2rem}
            video{width:9rem;background:#0b1f23;border-radius:.4rem;flex:none;align-self:flex-start}h2{font-size:1.1rem;margin:0}
            p{margin:.2rem 0}ul{padding-left:1.1rem}a{color:#a3371b}.quiet{color:#4d6669}
            </style><h1>%1$s</h1><p class="quiet">%2$s</p>
            """;

    private DraftPage() {}

    /**
     * One clip.
     *
     * @param film file name of the draft film; null for none
     * @param captions file names
     * @param done what was done, a few words each
     * @param needs what it needs of a person, in a few words
     * @param refusal why there is no draft; null where there is one
     */
    record Entry(
            String name,
            String film,
            List<String> captions,
            List<String> done,
            String needs,
            List<FindingLine> left,
            String refusal) {
        static Entry refused(String name, String refusal) {
            return new Entry(name, null, List.of(), List.of(), "", List.of(), refusal);
        }
    }

    static String of(String title, List<Entry> entries) {
        long ready = entries.stream()
                .filter(entry -> entry.refusal == null && entry.left.isEmpty())
                .count();
        StringBuilder page = new StringBuilder(String.format(
                Locale.ROOT,
                HEAD,
                escaped(title),
                entries.size() + (entries.size() == 1 ? " clip, " : " clips, ") + ready + " that need nothing."));
        entries.forEach(entry -> section(entry, page));
        return page.append("</html>\n").toString();
    }

    private static void section(Entry entry, StringBuilder page) {
        page.append("<section>");
        if (entry.film != null) {
            page.append("<video controls preload=\"metadata\" src=\"")
                    .append(link(entry.film))
                    .append("\"></video>");
        }
        page.append("<div><h2>").append(escaped(entry.name)).append("</h2>");
        if (entry.refusal != null) {
            page.append("<p>").append(escaped(entry.refusal)).append("</p></div></section>\n");
            return;
        }
        page.append("<p class=\"quiet\">").append(escaped(String.join(" · ", entry.done)));
        page.append("</p><p>Needs ").append(escaped(entry.needs)).append(".</p>");
        if (!entry.left.isEmpty()) {
            page.append("<ul>");
            entry.left.forEach(
                    line -> page.append("<li>").append(escaped(line.line())).append("</li>"));
            page.append("</ul>");
        }
        page.append("<p>");
        entry.captions.forEach(file -> page.append("<a href=\"")
                .append(link(file))
                .append("\">")
                .append(escaped(file))
                .append("</a> "));
        page.append("</p></div></section>\n");
    }

    private static String link(String file) {
        return URLEncoder.encode(file, StandardCharsets.UTF_8).replace("+", "%20");
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
