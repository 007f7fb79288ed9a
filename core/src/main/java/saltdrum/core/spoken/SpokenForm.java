package saltdrum.core.spoken;

import com.ibm.icu.text.RuleBasedNumberFormat;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** English words as spoken, in lower case, from one written token. Numbers are spelled by ICU's rules. */
public final class SpokenForm {
    private static final Map<String, String> CURRENCIES = Map.of("$", "dollar", "€", "euro", "£", "pound", "¥", "yen");
    private static final Map<String, String> UNITS = Map.ofEntries(
            Map.entry("mm", "millimeters"),
            Map.entry("cm", "centimeters"),
            Map.entry("m", "meters"),
            Map.entry("km", "kilometers"),
            Map.entry("g", "grams"),
            Map.entry("kg", "kilograms"),
            Map.entry("ml", "milliliters"),
            Map.entry("l", "liters"),
            Map.entry("am", "a m"),
            Map.entry("pm", "p m"),
            Map.entry("ft", "feet"),
            Map.entry("in", "inches"),
            Map.entry("lb", "pounds"),
            Map.entry("lbs", "pounds"),
            Map.entry("x", "times"),
            Map.entry("k", "thousand"),
            Map.entry("s", "seconds"),
            Map.entry("h", "hours"));
    private static final Map<String, String> SHORT = Map.of(
            "mr.",
            "mister",
            "mrs.",
            "missus",
            "ms.",
            "miz",
            "dr.",
            "doctor",
            "st.",
            "saint",
            "vs.",
            "versus",
            "etc.",
            "et cetera",
            "no.",
            "number");
    private static final Map<String, String> FRACTIONS =
            Map.of("½", "a half", "¼", "a quarter", "¾", "three quarters", "⅓", "a third", "⅔", "two thirds");
    private static final Pattern MONEY = Pattern.compile("([$€£¥])(\\d[\\d,]*)(?:\\.(\\d{1,2}))?");
    private static final Pattern TIME = Pattern.compile("(\\d{1,2}):(\\d{2})(am|pm)?");
    private static final Pattern NUMBER = Pattern.compile("(-?)(\\d[\\d,]*)(?:\\.(\\d+))?(%|°|[a-z]+)?");
    private static final Pattern FRACTION = Pattern.compile("(\\d+)/(\\d+)");

    private final RuleBasedNumberFormat spell = new RuleBasedNumberFormat(Locale.US, RuleBasedNumberFormat.SPELLOUT);

    /** Empty when nothing of the token is said aloud. */
    public List<String> of(String written) {
        String token = plain(written);
        if (FRACTIONS.containsKey(token)) {
            return words(FRACTIONS.get(token));
        }
        if (SHORT.containsKey(token)) {
            return words(SHORT.get(token));
        }
        String bare = token.replaceAll("^[\\p{Ps}\\p{Pi}\\p{Pf}\"'¡¿]+|[\\p{Pe}\\p{Pi}\\p{Pf}\"'.,;:!?…]+$", "");
        Matcher money = MONEY.matcher(bare);
        if (money.matches()) {
            return money(money);
        }
        Matcher time = TIME.matcher(bare);
        if (time.matches()) {
            return time(time);
        }
        Matcher fraction = FRACTION.matcher(bare);
        if (fraction.matches()) {
            return fraction(Long.parseLong(fraction.group(1)), Long.parseLong(fraction.group(2)));
        }
        Matcher number = NUMBER.matcher(bare);
        if (number.matches() && bare.length() <= 18) {
            return number(number);
        }
        if (bare.equals("&") || bare.equals("+")) {
            return List.of(bare.equals("&") ? "and" : "plus");
        }
        if (bare.equals("@")) {
            return List.of("at");
        }
        if (bare.matches("(?:[a-z]\\.)+[a-z]?")) {
            return Arrays.asList(bare.replace(".", "").split(""));
        }
        return plainWords(bare, written);
    }

    private static String plain(String written) {
        String folded = Normalizer.normalize(written.replace('’', '\'').replace('\u00A0', ' '), Normalizer.Form.NFC)
                .toLowerCase(Locale.ROOT);
        if (FRACTIONS.containsKey(folded)) {
            return folded;
        }
        return Normalizer.normalize(folded, Normalizer.Form.NFKD)
                .replaceAll("\\p{M}+", "")
                .trim();
    }

    private List<String> money(Matcher m) {
        String name = CURRENCIES.get(m.group(1));
        long whole = Long.parseLong(m.group(2).replace(",", ""));
        List<String> said = new ArrayList<>(spelled(whole));
        said.add(whole == 1 || name.equals("yen") ? name : name + "s");
        if (m.group(3) != null && Integer.parseInt(m.group(3)) > 0) {
            said.addAll(spelled(Integer.parseInt((m.group(3) + "0").substring(0, 2))));
        }
        return said;
    }

    private List<String> time(Matcher m) {
        List<String> said = new ArrayList<>(spelled(Integer.parseInt(m.group(1))));
        int minutes = Integer.parseInt(m.group(2));
        if (minutes > 0 && minutes < 10) {
            said.add("oh");
        }
        if (minutes > 0) {
            said.addAll(spelled(minutes));
        }
        if (m.group(3) != null) {
            said.addAll(words(UNITS.get(m.group(3))));
        }
        return said;
    }

    private List<String> fraction(long top, long bottom) {
        List<String> said = new ArrayList<>(spelled(top));
        if (bottom == 2) {
            said.add(top == 1 ? "half" : "halves");
        } else if (bottom == 4) {
            said.add(top == 1 ? "quarter" : "quarters");
        } else {
            List<String> ordinal = ordinal(bottom);
            said.addAll(ordinal.subList(0, ordinal.size() - 1));
            said.add(ordinal.get(ordinal.size() - 1) + (top == 1 ? "" : "s"));
        }
        return said;
    }

    private List<String> number(Matcher m) {
        List<String> said = new ArrayList<>();
        if (!m.group(1).isEmpty()) {
            said.add("minus");
        }
        String digits = m.group(2).replace(",", "");
        String unit = m.group(4) == null ? "" : m.group(4);
        boolean whole = m.group(3) == null;
        if (whole && unit.matches("st|nd|rd|th")) {
            return ordinal(Long.parseLong(digits));
        }
        if (whole && unit.equals("s") && digits.matches("(1[1-9]|20)\\d0")) {
            List<String> year = year(Integer.parseInt(digits));
            year.set(year.size() - 1, plural(year.get(year.size() - 1)));
            return year;
        }
        if (whole && digits.length() > 1 && digits.startsWith("0") || digits.length() > 9) {
            digits.chars()
                    .forEach(c -> said.add(c == '0' ? "oh" : spelled(c - '0').get(0)));
        } else if (whole && unit.isEmpty() && !m.group(2).contains(",") && digits.matches("1[1-9]\\d\\d|20[1-9]\\d")) {
            said.addAll(year(Integer.parseInt(digits)));
        } else {
            said.addAll(spelled(Long.parseLong(digits)));
        }
        if (!whole) {
            said.add("point");
            m.group(3).chars().forEach(c -> said.addAll(spelled(c - '0')));
        }
        if (unit.equals("%")) {
            said.add("percent");
        } else if (unit.equals("°")) {
            said.add("degrees");
        } else if (!unit.isEmpty()) {
            said.addAll(words(UNITS.getOrDefault(unit, unit)));
        }
        return said;
    }

    private List<String> year(int year) {
        List<String> said = new ArrayList<>(spelled(year / 100));
        if (year % 100 == 0) {
            said.add("hundred");
        } else {
            if (year % 100 < 10) {
                said.add("oh");
            }
            said.addAll(spelled(year % 100));
        }
        return said;
    }

    private static String plural(String word) {
        return word.endsWith("y") ? word.substring(0, word.length() - 1) + "ies" : word + "s";
    }

    private List<String> ordinal(long value) {
        return words(spell.format(value, "%spellout-ordinal"));
    }

    private List<String> spelled(long value) {
        return words(spell.format(value, "%spellout-cardinal"));
    }

    private static List<String> words(String text) {
        return List.of(text.replace('-', ' ').trim().split("\\s+"));
    }

    /** Letters and what joins them; capitals inside a hashtag or a handle part it, as do digits. */
    private List<String> plainWords(String bare, String written) {
        List<String> said = new ArrayList<>();
        String source = bare;
        if (written.startsWith("#") || written.startsWith("@")) {
            source = Normalizer.normalize(written.substring(1), Normalizer.Form.NFKD)
                    .replaceAll("\\p{M}+", "")
                    .replaceAll("(?<=[a-z])(?=[A-Z])|(?<=[A-Za-z])(?=\\d)|(?<=\\d)(?=[A-Za-z])", " ")
                    .toLowerCase(Locale.ROOT);
        }
        for (String part : source.split("[^a-z0-9'&]+")) {
            String word = part.replaceAll("^'+|'+$", "");
            if (word.matches("\\d+") && word.length() < 10) {
                said.addAll(spelled(Long.parseLong(word)));
            } else if (word.contains("&")) {
                for (String letter : word.split("(?=&)|(?<=&)")) {
                    said.add(letter.equals("&") ? "and" : letter);
                }
            } else if (word.matches(".*[a-z].*")) {
                said.add(word.replaceAll("[0-9]", ""));
            }
        }
        said.removeIf(String::isBlank);
        return said;
    }
}
