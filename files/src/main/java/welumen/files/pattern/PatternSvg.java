package welumen.files.pattern;

import java.io.StringReader;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;
import welumen.cabin.PartId;
import welumen.files.json.BadFile;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.cutting.CuttingLine;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.pattern.surface.SewnLines;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * Pieces as SVG in millimetres: a group each, the cutting line, every edge of the finished line and every hole as a path of
 * its own, with what SVG has no words for as attributes of Welumen's namespace. Read back it is the same; a file from
 * elsewhere is read as pieces with raw edges, one a closed path or shape, as large as its units and transforms make it. Entities are
 * never resolved.
 */
public final class PatternSvg {
    private static final String SVG = "http://www.w3.org/2000/svg";
    private static final String OURS = "urn:welumen:pattern:1";
    private static final double MARGIN_MM = 10;
    private static final int MOST_PATHS = 20_000;

    /** What is in these is not drawn where it stands. */
    private static final Set<String> ASIDE =
            Set.of("defs", "clipPath", "mask", "pattern", "marker", "symbol", "metadata");

    private PatternSvg() {}

    public static String write(List<Piece> pieces) {
        var text = new StringWriter();
        try {
            var out = XMLOutputFactory.newInstance().createXMLStreamWriter(text);
            write(pieces, out);
            out.close();
        } catch (XMLStreamException inMemory) {
            throw new IllegalStateException(inMemory);
        }
        return text.toString();
    }

    private static void write(List<Piece> pieces, XMLStreamWriter out) throws XMLStreamException {
        var box = pieces.stream()
                .map(piece -> CuttingLine.of(piece).box())
                .reduce(Box::with)
                .orElse(new Box(0, 0, 100, 100));
        var wide = box.width() + 2 * MARGIN_MM;
        var high = box.height() + 2 * MARGIN_MM;
        out.writeStartDocument();
        out.writeStartElement("svg");
        out.writeDefaultNamespace(SVG);
        out.writeNamespace("w", OURS);
        out.writeAttribute("width", number(wide) + "mm");
        out.writeAttribute("height", number(high) + "mm");
        out.writeAttribute(
                "viewBox",
                "%s %s %s %s"
                        .formatted(
                                number(box.minX() - MARGIN_MM),
                                number(-box.maxY() - MARGIN_MM),
                                number(wide),
                                number(high)));
        for (var piece : pieces) {
            out.writeStartElement("g");
            out.writeAttribute("fill", "none");
            out.writeAttribute("stroke", "#000");
            out.writeAttribute("stroke-width", "0.3");
            for (var word : PieceWords.of(piece).entrySet())
                out.writeAttribute("w", OURS, word.getKey(), word.getValue());
            path(out, CuttingLine.of(piece).corners(), true, Map.of("is", "cut"));
            for (var i = 0; i < piece.edges().size(); i++) {
                var words = new LinkedHashMap<>(Map.of("is", "edge"));
                words.putAll(EdgeWords.of(piece.edges().get(i)));
                path(out, piece.run(i), false, words);
            }
            for (var hole : piece.holes()) path(out, hole.corners(), true, Map.of("is", "hole"));
            for (var piercing : piece.inside().piercings())
                path(out, drawn(piercing), piercing.kind().isRound(), InsideWords.of(piercing));
            for (var keepOut : piece.inside().keepOuts())
                path(out, keepOut.room().corners(), true, InsideWords.of(keepOut));
            for (var row : SewnLines.of(piece).rows())
                path(out, List.of(row.from(), row.to()), false, Map.of("is", "relief"));
            out.writeEndElement();
        }
        out.writeEndElement();
        out.writeEndDocument();
    }

    /** Round, or slit. */
    private static List<Point> drawn(Piercing piercing) {
        if (!piercing.kind().isRound())
            return List.of(
                    piercing.at().minus(piercing.halfSlit()), piercing.at().plus(piercing.halfSlit()));
        return piercing.ring();
    }

    /** SVG's y runs down. */
    private static void path(XMLStreamWriter out, List<Point> points, boolean isClosed, Map<String, String> words)
            throws XMLStreamException {
        var d = new StringBuilder();
        for (var point : points)
            d.append(d.isEmpty() ? "M" : " L")
                    .append(number(point.x()))
                    .append(' ')
                    .append(number(-point.y()));
        out.writeEmptyElement("path");
        out.writeAttribute("d", d + (isClosed ? " Z" : ""));
        for (var word : words.entrySet()) out.writeAttribute("w", OURS, word.getKey(), word.getValue());
    }

    private static String number(double mm) {
        return String.format(Locale.ROOT, "%.5f", mm);
    }

    /**
     * @param part what pieces are for that do not say
     * @throws BadFile if it is no SVG, or nothing in it can be read as a piece
     */
    public static List<Piece> read(String text, PartId part) throws BadFile {
        var factory = XMLInputFactory.newInstance();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        var reading = new Reading(part);
        XMLStreamReader in = null;
        try {
            in = factory.createXMLStreamReader(new StringReader(text));
            while (in.hasNext()) {
                var event = in.next();
                if (event == XMLStreamConstants.START_ELEMENT) reading.enter(in);
                else if (event == XMLStreamConstants.END_ELEMENT) reading.leave(in.getLocalName());
            }
        } catch (XMLStreamException | RuntimeException fault) {
            if (fault instanceof RuntimeException && fault.getCause() instanceof BadFile bad) throw bad;
            var line = in == null ? 1 : in.getLocation().getLineNumber();
            throw new BadFile("line %d: this is no SVG that can be read. Save it again as plain SVG.".formatted(line));
        }
        if (reading.pieces.isEmpty()) throw new BadFile("No piece is drawn in it: there is no closed path.");
        return reading.pieces;
    }

    /** Gathers a group's paths; a path in no group of ours is a piece of its own. */
    private static final class Reading {
        private final PartId part;
        private final List<Piece> pieces = new ArrayList<>();
        private Map<String, String> piece = Map.of();
        private List<Edge> edges = new ArrayList<>();
        private Inside inside = Inside.NOTHING;
        private boolean isOurs;
        private int depth;
        private int paths;
        private final SvgPlace place = new SvgPlace();
        /** How deep one is in what is only drawn where it is called for. */
        private int aside;

        Reading(PartId part) {
            this.part = part;
        }

        void enter(XMLStreamReader in) throws BadFile {
            place.enter(in);
            if (aside > 0 || ASIDE.contains(in.getLocalName())) aside++;
            else start(in);
        }

        void leave(String element) throws BadFile {
            place.leave();
            if (aside > 0) aside--;
            else end(element);
        }

        private void start(XMLStreamReader in) throws BadFile {
            if (in.getLocalName().equals("g")) {
                if (isOurs) depth++;
                else if (in.getAttributeValue(OURS, "id") != null) {
                    if (!place.isPlain())
                        throw new BadFile(
                                "line %d: this piece was scaled or turned since it was written, and what is said of it does not hold then."
                                        .formatted(in.getLocation().getLineNumber()));
                    isOurs = true;
                    depth = 1;
                    piece = words(in);
                    edges = new ArrayList<>();
                    inside = Inside.NOTHING;
                }
                return;
            }
            var line = in.getLocation().getLineNumber();
            if (in.getLocalName().equals("use"))
                throw new BadFile("line %d: a shape is drawn by its name. Save it again as plain SVG.".formatted(line));
            var d = in.getLocalName().equals("path")
                    ? Optional.ofNullable(in.getAttributeValue(null, "d"))
                    : SvgShapes.data(in);
            if (d.isEmpty()) return;
            if (++paths > MOST_PATHS) throw new BadFile("More is drawn here than a pattern holds.");
            if (isOurs) ours(words(in), place.placed(SvgPath.points(d.get(), line)));
            else if (d.get().strip().matches("(?s).*[zZ]")) foreign(place.placed(SvgPath.points(d.get(), line)));
        }

        private void ours(Map<String, String> words, List<Point> points) {
            switch (words.getOrDefault("is", "")) {
                case "edge" -> {
                    if (points.size() > 1) edges.add(EdgeWords.edge(words, points.subList(0, points.size() - 1)));
                }
                case "hole" -> {
                    if (Outline.ofRing(points) instanceof Understood<Outline>(var hole))
                        inside = inside.withHoles(Stream.concat(inside.holes().stream(), Stream.of(hole))
                                .toList());
                }
                case "piercing" ->
                    InsideWords.piercing(words, Box.of(points).middle(), 0)
                            .ifPresent(piercing -> inside = inside.with(piercing));
                case "keep-out" -> {
                    if (Outline.ofRing(points) instanceof Understood<Outline>(var room))
                        inside = inside.with(InsideWords.keepOut(words, room));
                }
                default -> {}
            }
        }

        private void foreign(List<Point> points) throws BadFile {
            var name = "piece " + (pieces.size() + 1);
            switch (Outline.ofRing(points)) {
                case Refused<Outline>(var why) -> throw new BadFile("The path “%s” %s.".formatted(name, why));
                case Understood<Outline>(var outline) ->
                    pieces.add(PieceWords.piece(
                            Map.of(),
                            new PieceWords.Usual(part, name),
                            Corners.edges(outline.corners()).stream()
                                    .map(line -> new Edge("", line, EdgeFinish.RAW, 0))
                                    .toList(),
                            Inside.NOTHING));
            }
        }

        private void end(String element) throws BadFile {
            if (!isOurs || !element.equals("g") || --depth > 0) return;
            isOurs = false;
            pieces.add(
                    PieceWords.piece(piece, new PieceWords.Usual(part, "piece " + (pieces.size() + 1)), edges, inside));
        }

        private static Map<String, String> words(XMLStreamReader in) {
            var words = new LinkedHashMap<String, String>();
            for (var i = 0; i < in.getAttributeCount(); i++)
                if (OURS.equals(in.getAttributeNamespace(i)))
                    words.put(in.getAttributeLocalName(i), in.getAttributeValue(i));
            return words;
        }
    }
}
