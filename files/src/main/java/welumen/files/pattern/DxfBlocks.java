package welumen.files.pattern;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import welumen.files.dxf.DxfDrawing;
import welumen.files.json.BadFile;
import welumen.shape.Point;

/**
 * The blocks of a DXF file, each with its lines, arcs, circles and polylines; what is drawn outside of any block is one more.
 * Arcs of polylines and splines are read as lines that keep close to them; lengths in the unit of the drawing's head become mm,
 * and a block is as large as it is put in. Files come from outside: every number is looked at.
 */
final class DxfBlocks {
    private static final double FARTHEST_MM = 100_000;
    private static final int LONGEST_LINE = 4_096;
    private static final double SAG_MM = 0.005;

    private DxfBlocks() {}

    record Block(String name, List<Entity> entities) {}

    /**
     * @param vertices of a polyline, the ends of a line, or the centre of an arc or circle
     * @param words that Welumen keeps with it
     */
    record Entity(
            String kind,
            int layer,
            List<Point> vertices,
            boolean isClosed,
            double radius,
            double from,
            double to,
            Map<String, String> words) {
        /** Points along it; a ring does not repeat its first. */
        List<Point> points(double sag) {
            return switch (kind) {
                case "ARC" -> arc(from, to <= from ? to + 360 : to, sag);
                case "CIRCLE" -> {
                    var ring = arc(0, 360, sag);
                    yield ring.subList(0, ring.size() - 1);
                }
                default -> vertices;
            };
        }

        private List<Point> arc(double start, double end, double sag) {
            if (vertices.isEmpty() || !(radius > 0)) return List.of();
            var chord = 2 * Math.acos(Math.max(0, 1 - sag / radius));
            var count = Math.clamp((long) Math.ceil(Math.toRadians(end - start) / Math.max(1e-3, chord)), 2, 10_000);
            var points = new ArrayList<Point>();
            for (var i = 0; i <= count; i++) {
                var angle = Math.toRadians(start + (end - start) * i / count);
                points.add(vertices.getFirst().plus(new Point(radius * Math.cos(angle), radius * Math.sin(angle))));
            }
            return points;
        }
    }

    private record Pair(int code, String value, int line) {}

    static List<Block> read(String text, int most) throws BadFile {
        var reader = new Reader(pairs(text), most);
        reader.run();
        return reader.placed();
    }

    private static List<Pair> pairs(String text) throws BadFile {
        var lines = text.lines().toList();
        var pairs = new ArrayList<Pair>(lines.size() / 2);
        for (var i = 0; i + 1 < lines.size(); i += 2) {
            var code = lines.get(i).strip();
            if (lines.get(i + 1).length() > LONGEST_LINE)
                throw new BadFile("line %d is longer than any text of a drawing.".formatted(i + 2));
            if (!code.matches("-?\\d{1,4}")) {
                if (code.isEmpty() && pairs.isEmpty()) continue;
                throw new BadFile(
                        "line %d: “%s” is no group code, so this is no DXF drawing.".formatted(i + 1, shortened(code)));
            }
            pairs.add(new Pair(Integer.parseInt(code), lines.get(i + 1).strip(), i + 2));
        }
        if (pairs.isEmpty()) throw new BadFile("It holds nothing that a DXF drawing holds.");
        return pairs;
    }

    private static String shortened(String text) {
        return text.length() > 30 ? text.substring(0, 29) + "…" : text;
    }

    /** Walks over the pairs; an entity ends where the next begins. */
    private static final class Reader {
        private final List<Pair> pairs;
        private final int most;
        private final List<Block> blocks = new ArrayList<>();
        private final List<Entity> loose = new ArrayList<>();
        private final List<DxfInsert> inserts = new ArrayList<>();
        private List<Entity> into = loose;
        private double unit = 1;
        private int count;

        Reader(List<Pair> pairs, int most) {
            this.pairs = pairs;
            this.most = most;
        }

        void run() throws BadFile {
            for (var i = 0; i + 1 < pairs.size(); i++)
                if (pairs.get(i).code() == 9 && pairs.get(i).value().equals("$INSUNITS"))
                    unit = DxfUnits.mm(whole(pairs.get(i + 1)), pairs.get(i + 1).line());
            var at = 0;
            while (at < pairs.size()) {
                var pair = pairs.get(at);
                if (pair.code() != 0) {
                    at++;
                    continue;
                }
                var end = at + 1;
                while (end < pairs.size() && pairs.get(end).code() != 0) end++;
                at = entity(pair.value(), at + 1, end);
            }
            if (!loose.isEmpty()) blocks.add(new Block("", loose));
        }

        private static int whole(Pair pair) throws BadFile {
            if (pair.value().matches("\\d{1,3}")) return Integer.parseInt(pair.value());
            throw new BadFile("line %d: “%s” is no unit.".formatted(pair.line(), shortened(pair.value())));
        }

        /** Each block as it is put into the drawing: once for each way in which it is, and as it is drawn where it is not. */
        List<Block> placed() throws BadFile {
            var placed = new ArrayList<Block>();
            for (var block : blocks) {
                var ways = new ArrayList<DxfInsert>();
                for (var insert : inserts)
                    if (insert.block().equals(block.name()) && ways.stream().noneMatch(insert::isAs)) ways.add(insert);
                if (ways.isEmpty()) placed.add(block);
                for (var way : ways) placed.add(new Block(block.name(), way.of(block.entities())));
            }
            return placed;
        }

        private void insert(int from, int end) throws BadFile {
            if (into != loose)
                throw new BadFile(
                        "line %d: a block lies within another block. Explode it first.".formatted(lineOf(from)));
            inserts.add(
                    new DxfInsert(text(2, from, end), plain(41, from, end, 1), plain(42, from, end, 1), lineOf(from)));
        }

        /** Where to go on reading. */
        private int entity(String kind, int from, int end) throws BadFile {
            switch (kind) {
                case "BLOCK" -> {
                    into = new ArrayList<>();
                    blocks.add(new Block(text(2, from, end), into));
                }
                case "ENDBLK" -> into = loose;
                case "INSERT" -> insert(from, end);
                case "LINE" -> add(kind, from, end, List.of(point(10, from, end), point(11, from, end)), false);
                case "ARC", "CIRCLE" -> add(kind, from, end, List.of(point(10, from, end)), kind.equals("CIRCLE"));
                case "LWPOLYLINE" -> add(kind, from, end, bulged(from, end), isClosed(from, end));
                case "SPLINE" -> spline(from, end);
                case "POINT" -> add(kind, from, end, List.of(point(10, from, end)), false);
                case "TEXT" -> add(kind, from, end, List.of(), false);
                case "POLYLINE" -> {
                    return polyline(from, end);
                }
                default -> {}
            }
            return end;
        }

        private void spline(int from, int end) throws BadFile {
            var through = vertices(11, from, end);
            var control = vertices(10, from, end);
            var degree = (int) plain(71, from, end, 3);
            var knots = new ArrayList<Double>();
            for (var i = from; i < end; i++) if (pairs.get(i).code() == 40) knots.add(plain(40, i, end, 0));
            var points = control.size() > 1 ? Spline.points(degree, knots, control, SAG_MM, lineOf(from)) : through;
            add("LWPOLYLINE", from, end, points, isClosed(from, end));
        }

        private int lineOf(int pair) {
            return pairs.get(Math.min(pair, pairs.size() - 1)).line();
        }

        private int polyline(int from, int end) throws BadFile {
            var vertices = new ArrayList<Point>();
            var bulges = new ArrayList<Double>();
            var at = end;
            var last = end;
            while (at < pairs.size()) {
                var kind = pairs.get(at).value();
                var next = at + 1;
                while (next < pairs.size() && pairs.get(next).code() != 0) next++;
                if (kind.equals("VERTEX")) {
                    vertices.add(point(10, at + 1, next));
                    bulges.add(plain(42, at + 1, next, 0));
                }
                if (kind.equals("SEQEND")) {
                    last = next;
                    break;
                }
                if (!kind.equals("VERTEX")) break;
                if (vertices.size() > most)
                    throw new BadFile(
                            "line %d: too many points.".formatted(pairs.get(at).line()));
                at = next;
                last = next;
            }
            // words may stand at the polyline itself or at its end
            var words = new LinkedHashMap<>(words(from, end));
            words.putAll(words(at, last));
            var isClosed = isClosed(from, end);
            put(
                    new Entity("POLYLINE", layer(from, end), run(vertices, bulges, isClosed), isClosed, 0, 0, 0, words),
                    from);
            return last;
        }

        private void add(String kind, int from, int end, List<Point> vertices, boolean isClosed) throws BadFile {
            put(
                    new Entity(
                            kind,
                            layer(from, end),
                            vertices,
                            isClosed,
                            number(40, from, end, 0),
                            plain(50, from, end, 0),
                            plain(51, from, end, 360),
                            words(from, end)),
                    from);
        }

        private void put(Entity entity, int from) throws BadFile {
            if (++count > most)
                throw new BadFile("line %d: more is drawn here than a pattern holds."
                        .formatted(pairs.get(Math.min(from, pairs.size() - 1)).line()));
            into.add(entity);
        }

        private int layer(int from, int end) {
            var name = text(8, from, end);
            return name.matches("\\d{1,3}") ? Integer.parseInt(name) : 0;
        }

        private boolean isClosed(int from, int end) throws BadFile {
            return ((int) plain(70, from, end, 0) & 1) == 1;
        }

        /** A polyline's points; each may say how the line bulges on its way to the next. */
        private List<Point> bulged(int from, int end) throws BadFile {
            var vertices = new ArrayList<Point>();
            var bulges = new ArrayList<Double>();
            for (var i = from; i < end; i++) {
                if (pairs.get(i).code() == 10) {
                    vertices.add(point(10, i, end));
                    bulges.add(0.0);
                } else if (pairs.get(i).code() == 42 && !bulges.isEmpty())
                    bulges.set(bulges.size() - 1, plain(42, i, end, 0));
            }
            return run(vertices, bulges, isClosed(from, end));
        }

        private static List<Point> run(List<Point> vertices, List<Double> bulges, boolean isClosed) {
            var points = new ArrayList<Point>();
            for (var i = 0; i < vertices.size(); i++) {
                points.add(vertices.get(i));
                if (isClosed || i + 1 < vertices.size())
                    points.addAll(DxfBulge.between(
                            vertices.get(i), vertices.get((i + 1) % vertices.size()), bulges.get(i), SAG_MM));
            }
            return points;
        }

        private List<Point> vertices(int code, int from, int end) throws BadFile {
            var vertices = new ArrayList<Point>();
            for (var i = from; i < end; i++) if (pairs.get(i).code() == code) vertices.add(point(code, i, end));
            return vertices;
        }

        private Map<String, String> words(int from, int end) {
            var words = new LinkedHashMap<String, String>();
            var isOurs = false;
            for (var i = from; i < Math.min(end, pairs.size()); i++) {
                var pair = pairs.get(i);
                if (pair.code() == 1001) isOurs = pair.value().equals(DxfDrawing.APPLICATION);
                var split = pair.value().indexOf('=');
                if (isOurs && pair.code() == 1000 && split > 0)
                    words.put(
                            pair.value().substring(0, split),
                            DxfText.read(pair.value().substring(split + 1)));
            }
            return words;
        }

        private String text(int code, int from, int end) {
            for (var i = from; i < end; i++)
                if (pairs.get(i).code() == code)
                    return DxfText.read(pairs.get(i).value());
            return "";
        }

        private Point point(int code, int from, int end) throws BadFile {
            return new Point(number(code, from, end, 0), number(code + 10, from, end, 0));
        }

        /** A length, in mm. */
        private double number(int code, int from, int end, double usual) throws BadFile {
            var length = unit * plain(code, from, end, usual / unit);
            if (Math.abs(length) <= FARTHEST_MM) return length;
            throw new BadFile("line %d: %.0f mm is no length that a pattern has.".formatted(lineOf(from), length));
        }

        /** A number that is no length: an angle, a count, a bulge. */
        private double plain(int code, int from, int end, double usual) throws BadFile {
            for (var i = from; i < end; i++) {
                var pair = pairs.get(i);
                if (pair.code() != code) continue;
                try {
                    var number = Double.parseDouble(pair.value());
                    if (Math.abs(number) <= FARTHEST_MM) return number;
                } catch (NumberFormatException none) {
                    // said below
                }
                throw new BadFile("line %d: “%s” is no length that a pattern has."
                        .formatted(pair.line(), shortened(pair.value())));
            }
            return usual;
        }
    }
}
