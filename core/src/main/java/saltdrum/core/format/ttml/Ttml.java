package saltdrum.core.format.ttml;

import java.io.StringReader;
import java.io.StringWriter;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Track;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.file.Clock;
import saltdrum.core.format.file.CueText;
import saltdrum.core.format.file.FileCue;
import saltdrum.core.format.file.Region;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Word;

/**
 * TTML text in the IMSC 1.1 text profile (W3C Recommendation of 8 November 2018): a {@code p} a cue, a timed {@code
 * span} a word. Times inside a {@code p} count from its begin. Document types and entities are refused: the file is
 * a stranger's.
 */
public final class Ttml {
    private static final String TT = "http://www.w3.org/ns/ttml";
    static final String STYLING = TT + "#styling";
    private static final String METADATA = TT + "#metadata";
    private static final String PARAMETER = TT + "#parameter";
    static final String XML = "http://www.w3.org/XML/1998/namespace";
    private static final Region USUAL = new Region(10, 60, 80, 30, "center", "center");
    private static final Pattern OFFSET = Pattern.compile("(\\d+(?:\\.\\d+)?)(h|m|s|ms|f|t)");
    private static final Pattern FRAMES = Pattern.compile("(\\d{2,}):(\\d{2}):(\\d{2}):(\\d{2,})");

    private final List<FileCue> cues = new ArrayList<>();
    private final List<CaptionFile.Repair> repairs = new ArrayList<>();
    private final TtmlLayout layout = new TtmlLayout();
    private double frameRate = 30;
    private double tickRate = 1;
    private String language;

    /** Of the elements that are open, the innermost first. */
    private final Deque<Time> times = new ArrayDeque<>(List.of(new Time(0, null)));

    private final Deque<TtmlLayout.Place> places = new ArrayDeque<>(List.of(TtmlLayout.Place.NONE));
    /** The text of the paragraph that is open, and its line in the file; null between paragraphs. */
    private CueText words;

    private int line;

    private Ttml() {}

    static CaptionFile read(String text) {
        Ttml ttml = new Ttml();
        try {
            XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
            factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
            factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
            factory.setProperty(XMLInputFactory.IS_COALESCING, true);
            ttml.document(factory.createXMLStreamReader(new StringReader(text)));
        } catch (XMLStreamException e) {
            int line = e.getLocation() == null ? 0 : e.getLocation().getLineNumber();
            if (ttml.cues.isEmpty()) {
                throw new BadInputException(
                        "This TTML file ends early, at line " + line
                                + ": it is not well-formed XML there. Export it again.",
                        e);
            }
            ttml.repairs.add(new CaptionFile.Repair(line, "the file is broken here; everything before was kept"));
        }
        ttml.repairs.addAll(ttml.layout.repairs());
        return new CaptionFile(ttml.language, ttml.cues, true, null, ttml.repairs);
    }

    /** An element's begin and end, milliseconds of the clip; end is null where it is open. */
    private record Time(int begin, Integer end) {}

    private void document(XMLStreamReader xml) throws XMLStreamException {
        while (xml.hasNext()) {
            switch (xml.next()) {
                case XMLStreamConstants.START_ELEMENT -> begin(xml);
                case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA -> {
                    if (words != null) {
                        words.text(xml.getText());
                    }
                }
                case XMLStreamConstants.END_ELEMENT -> end(xml);
                default -> {}
            }
        }
    }

    private void begin(XMLStreamReader xml) {
        String name = xml.getLocalName();
        if (name.equals("tt")) {
            parameters(xml);
        }
        layout.begin(xml);
        places.push(layout.place(xml, places.peek()));
        Time time = time(xml, times.peek());
        times.push(time);
        if (name.equals("p")) {
            words = new CueText();
            line = xml.getLocation().getLineNumber();
        } else if (words != null && name.equals("br")) {
            words.newLine();
        } else if (words != null && name.equals("span")) {
            if (xml.getAttributeValue(null, "begin") != null) {
                words.time(time.begin);
            }
            words.emphasis("bold".equals(xml.getAttributeValue(STYLING, "fontWeight"))
                    || "italic".equals(xml.getAttributeValue(STYLING, "fontStyle")));
        }
    }

    private void end(XMLStreamReader xml) {
        Time time = times.pop();
        TtmlLayout.Place place = places.pop();
        layout.end(xml.getLocalName());
        if (words != null && xml.getLocalName().equals("span")) {
            if (time.end != null && !time.end.equals(times.peek().end)) {
                words.time(time.end);
            }
            words.emphasis(false);
        } else if (words != null && xml.getLocalName().equals("p")) {
            cue(words, time, layout.settings(place), line);
            words = null;
        }
    }

    private void cue(CueText words, Time time, String settings, int line) {
        if (words.isEmpty()) {
            return;
        }
        Integer end = time.end;
        if (end == null || end <= time.begin) {
            repairs.add(
                    new CaptionFile.Repair(line, "the cue did not end after its beginning; it now lasts one second"));
            end = time.begin + 1000;
        }
        // Our own files put a cue there that was put nowhere.
        String place = USUAL.settings().equals(settings) ? null : settings;
        cues.add(words.cue(time.begin, end, place, line));
        CaptionFile.check(cues.size());
    }

    private void parameters(XMLStreamReader xml) {
        language = xml.getAttributeValue(XML, "lang");
        if (language != null && language.isBlank()) {
            language = null;
        }
        frameRate = number(xml.getAttributeValue(PARAMETER, "frameRate"), 30);
        String multiplier = xml.getAttributeValue(PARAMETER, "frameRateMultiplier");
        if (multiplier != null && multiplier.matches("\\d{1,6} \\d{1,6}")) {
            String[] parts = multiplier.split(" ");
            frameRate *= Double.parseDouble(parts[0]) / Math.max(1, Double.parseDouble(parts[1]));
        }
        tickRate = number(xml.getAttributeValue(PARAMETER, "tickRate"), 1);
    }

    private static double number(String text, double otherwise) {
        return text != null && text.matches("\\d{1,9}") && Integer.parseInt(text) > 0
                ? Integer.parseInt(text)
                : otherwise;
    }

    private Time time(XMLStreamReader xml, Time parent) {
        Integer begin = ms(xml, "begin");
        Integer end = ms(xml, "end");
        Integer duration = ms(xml, "dur");
        int from = parent.begin + (begin == null ? 0 : begin);
        Integer to = end == null ? null : Integer.valueOf(parent.begin + end);
        if (duration != null) {
            to = to == null ? from + duration : Math.min(to, from + duration);
        }
        if (to == null || parent.end != null && to > parent.end) {
            to = parent.end;
        }
        return new Time(from, to);
    }

    private Integer ms(XMLStreamReader xml, String attribute) {
        String text = xml.getAttributeValue(null, attribute);
        if (text == null) {
            return null;
        }
        Matcher offset = OFFSET.matcher(text);
        Matcher frames = FRAMES.matcher(text);
        double ms;
        if (offset.matches()) {
            double value = Double.parseDouble(offset.group(1));
            ms = switch (offset.group(2)) {
                case "h" -> value * 3_600_000;
                case "m" -> value * 60_000;
                case "s" -> value * 1000;
                case "ms" -> value;
                case "f" -> value * 1000 / frameRate;
                default -> value * 1000 / tickRate;
            };
        } else if (frames.matches()) {
            ms = Clock.ms(text.substring(0, text.lastIndexOf(':')))
                    + Integer.parseInt(frames.group(4)) * 1000 / frameRate;
        } else if (text.matches(Clock.TIME)) {
            ms = Clock.ms(text);
        } else {
            repairs.add(new CaptionFile.Repair(
                    xml.getLocation().getLineNumber(),
                    "the time " + Quoted.of(text) + " cannot be read and was left out"));
            return null;
        }
        return ms < 86_400_000 ? (int) Math.round(ms) : null;
    }

    public static String write(Track track) {
        StringWriter out = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(out);
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeCharacters("\n");
            xml.writeStartElement("tt");
            xml.writeDefaultNamespace(TT);
            xml.writeNamespace("ttp", PARAMETER);
            xml.writeNamespace("tts", STYLING);
            List<String> speakers = track.beside().speakers().names();
            if (!speakers.isEmpty()) {
                xml.writeNamespace("ttm", METADATA);
            }
            xml.writeAttribute("xml:lang", track.language().equals("und") ? "" : track.language());
            xml.writeAttribute("ttp:contentProfiles", "http://www.w3.org/ns/ttml/profile/imsc1.1/text");
            xml.writeAttribute("ttp:timeBase", "media");
            xml.writeStartElement("head");
            for (int i = 0; i < speakers.size(); i++) {
                agent(xml, agent(i + 1), speakers.get(i));
            }
            xml.writeStartElement("layout");
            USUAL.write(xml, "captions");
            Map<String, String> placed = new LinkedHashMap<>();
            for (Cue cue : track.cues()) {
                Region region = region(cue);
                if (region != null && placed.putIfAbsent(region.settings(), "place" + (placed.size() + 1)) == null) {
                    region.write(xml, placed.get(region.settings()));
                }
            }
            xml.writeEndElement();
            xml.writeEndElement();
            xml.writeStartElement("body");
            xml.writeAttribute("region", "captions");
            xml.writeStartElement("div");
            List<CueTime> times = CueTime.of(track);
            for (int i = 0; i < times.size(); i++) {
                xml.writeCharacters("\n");
                paragraph(xml, track.cues().get(i), times.get(i), placed);
            }
            xml.writeCharacters("\n");
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException(e);
        }
        return out + "\n";
    }

    /** The position that a file gave to the cue; null for the usual place. */
    static Region region(Cue cue) {
        return cue.given() == null || cue.given().settings() == null
                ? null
                : Region.of(cue.given().settings());
    }

    private static String agent(int speaker) {
        return "speaker" + speaker;
    }

    /** One who speaks (TTML 2, 14.1.3). */
    private static void agent(XMLStreamWriter xml, String id, String name) throws XMLStreamException {
        xml.writeStartElement("ttm:agent");
        xml.writeAttribute("xml:id", id);
        xml.writeAttribute("type", "person");
        xml.writeStartElement("ttm:name");
        xml.writeAttribute("type", "full");
        xml.writeCharacters(name);
        xml.writeEndElement();
        xml.writeEndElement();
    }

    private static void paragraph(XMLStreamWriter xml, Cue cue, CueTime time, Map<String, String> placed)
            throws XMLStreamException {
        xml.writeStartElement("p");
        Region region = region(cue);
        if (region != null) {
            xml.writeAttribute("region", placed.get(region.settings()));
        }
        if (cue.speaker() > 0) {
            xml.writeAttribute("ttm:agent", agent(cue.speaker()));
        }
        xml.writeAttribute("begin", Clock.full(time.showMs(), '.'));
        xml.writeAttribute("end", Clock.full(time.hideMs(), '.'));
        for (int w = 0; w < cue.words().size(); w++) {
            Word word = cue.words().get(w);
            if (w > 0 && cue.lineStarts().contains(w)) {
                xml.writeEmptyElement("br");
            } else if (w > 0) {
                xml.writeCharacters(" ");
            }
            xml.writeStartElement("span");
            xml.writeAttribute("begin", seconds(word.startMs() - time.showMs()));
            xml.writeAttribute("end", seconds(word.endMs() - time.showMs()));
            if (word.emphasis() > 0) {
                xml.writeAttribute("tts:fontWeight", "bold");
            }
            xml.writeCharacters(word.text());
            xml.writeEndElement();
        }
        xml.writeEndElement();
    }

    private static String seconds(int ms) {
        return String.format(Locale.ROOT, "%d.%03ds", ms / 1000, ms % 1000);
    }
}
