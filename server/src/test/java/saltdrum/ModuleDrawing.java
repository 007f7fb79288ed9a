package saltdrum;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** An SVG drawing of modules with their packages: a column for each module, from what is used to what uses it. */
final class ModuleDrawing {
    private static final int COLUMN = 196;
    private static final int GAP = 24;
    private static final int LINE = 17;
    private static final int TOP = 92;

    private record Module(Map<String, Long> files, List<String> uses) {}

    private final Map<String, Module> modules = new LinkedHashMap<>();

    /** @param files number of Java files of each package, by its full name */
    void module(String name, Map<String, Long> files, List<String> uses) {
        modules.put(name, new Module(files, uses));
    }

    String svg() {
        int most = modules.values().stream()
                .mapToInt(module -> module.files.size())
                .max()
                .orElse(0);
        int width = GAP + modules.size() * (COLUMN + GAP);
        int height = TOP + (most + 3) * LINE + GAP;
        List<String> lines = new ArrayList<>();
        lines.add("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 " + width + " " + height + "\" width=\""
                + width + "\" height=\"" + height + "\" font-family=\"system-ui, sans-serif\" font-size=\"12\">");
        lines.add("<title>Modules, their packages with the number of files, and which module uses which</title>");
        lines.add(
                "<defs><marker id=\"tip\" viewBox=\"0 0 8 8\" refX=\"8\" refY=\"4\" markerWidth=\"8\" markerHeight=\"8\""
                        + " orient=\"auto\"><path d=\"M0 0 8 4 0 8Z\" fill=\"#2f7c86\"/></marker></defs>");
        lines.add("<rect width=\"100%\" height=\"100%\" fill=\"#faf7ef\"/>");
        List<String> names = List.copyOf(modules.keySet());
        for (int i = 0; i < names.size(); i++) {
            column(names.get(i), GAP + i * (COLUMN + GAP), lines);
        }
        for (int i = 0; i < names.size(); i++) {
            for (String used : modules.get(names.get(i)).uses) {
                arrow(i, names.indexOf(used), lines);
            }
        }
        lines.add("</svg>");
        return String.join("\n", lines) + "\n";
    }

    private void column(String name, int x, List<String> lines) {
        Module module = modules.get(name);
        int height = (module.files.size() + 2) * LINE;
        long files = module.files.values().stream().mapToLong(Long::longValue).sum();
        lines.add("<rect x=\"" + x + "\" y=\"" + TOP + "\" width=\"" + COLUMN + "\" height=\"" + height
                + "\" rx=\"6\" fill=\"#fffdf8\" stroke=\"#c9c1ae\"/>");
        lines.add(text(x + 12, TOP + LINE + 2, "#1d2a2c", name + " · " + files, "font-weight=\"600\""));
        int y = TOP + 2 * LINE + 2;
        for (Map.Entry<String, Long> entry : module.files.entrySet()) {
            String of = entry.getKey().replaceFirst("^saltdrum\\." + name + "\\.?", "");
            lines.add(text(x + 12, y, "#1d2a2c", of.isEmpty() ? "(itself)" : of, ""));
            lines.add(text(x + COLUMN - 12, y, "#6b6558", entry.getValue().toString(), "text-anchor=\"end\""));
            y += LINE;
        }
    }

    /** From the module that uses to the one that is used, above the columns; the further apart, the higher. */
    private static void arrow(int from, int to, List<String> lines) {
        int apart = Math.abs(from - to);
        int x1 = GAP + from * (COLUMN + GAP) + COLUMN / 2 - 10 * (from - to);
        int x2 = GAP + to * (COLUMN + GAP) + COLUMN / 2 + 10 * (from - to);
        int up = TOP - 14 - 17 * apart;
        lines.add("<path d=\"M" + x1 + " " + (TOP - 2) + " V" + up + " H" + x2 + " V" + (TOP - 2)
                + "\" fill=\"none\" stroke=\"#2f7c86\" marker-end=\"url(#tip)\"/>");
    }

    private static String text(int x, int y, String colour, String text, String more) {
        return "<text x=\"" + x + "\" y=\"" + y + "\" fill=\"" + colour + "\" " + more + ">" + text + "</text>";
    }
}
