package welumen.files.dxf;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import welumen.shape.Point;

/**
 * A drawing as text, in the form of release 12, which everything reads. Lengths in mm with five decimals; what is not plain
 * ASCII in a text is written by its number.
 */
public final class DxfDrawing {
    /** The name under which Welumen keeps what the standard has no words for. */
    public static final String APPLICATION = "WELUMEN";

    private static final int LONGEST_TEXT = 240;

    private final StringBuilder blocks = new StringBuilder();
    private final StringBuilder entities = new StringBuilder();

    /** One piece: a block of its own, put where it was drawn. */
    public final class Block {
        private final String name;
        private final StringBuilder into = new StringBuilder();

        private Block(String name) {
            this.name = name;
        }

        public Block line(Layer layer, Point from, Point to) {
            begin("LINE", layer);
            point(10, from);
            point(11, to);
            return this;
        }

        /** @param from degrees counter-clockwise from x, as is {@code to} */
        public Block arc(Layer layer, Point centre, double radius, double from, double to) {
            begin("ARC", layer);
            point(10, centre);
            number(40, radius);
            number(50, from);
            number(51, to);
            return this;
        }

        public Block circle(Layer layer, Point centre, double radius) {
            begin("CIRCLE", layer);
            point(10, centre);
            number(40, radius);
            return this;
        }

        public Block ring(Layer layer, List<Point> points) {
            return run(layer, points, true);
        }

        public Block run(Layer layer, List<Point> points) {
            return run(layer, points, false);
        }

        private Block run(Layer layer, List<Point> points, boolean isClosed) {
            begin("POLYLINE", layer);
            pair(66, "1");
            pair(70, isClosed ? "1" : "0");
            for (var point : points) {
                begin("VERTEX", layer);
                point(10, point);
            }
            begin("SEQEND", layer);
            return this;
        }

        public Block point(Layer layer, Point at) {
            begin("POINT", layer);
            point(10, at);
            return this;
        }

        public Block text(Layer layer, Point at, String text) {
            begin("TEXT", layer);
            point(10, at);
            number(40, 8);
            pair(1, plain(text));
            return this;
        }

        /** Welumen's own words about the entity before. */
        public Block with(Map<String, String> words) {
            pair(1001, APPLICATION);
            words.forEach((key, value) -> pair(1000, plain(key + "=" + value)));
            return this;
        }

        private void begin(String kind, Layer layer) {
            pair(0, kind);
            pair(8, Integer.toString(layer.number()));
        }

        private void point(int code, Point at) {
            number(code, at.x());
            number(code + 10, at.y());
            if (code == 10) number(30, 0);
        }

        private void number(int code, double value) {
            pair(code, String.format(Locale.ROOT, "%.5f", value));
        }

        private void pair(int code, String value) {
            into.append(code).append('\n').append(value).append('\n');
        }

        /** Puts the block into the drawing. */
        public DxfDrawing done() {
            blocks.append("0\nBLOCK\n8\n1\n2\n%s\n70\n0\n10\n0\n20\n0\n30\n0\n".formatted(plain(name)))
                    .append(into)
                    .append("0\nENDBLK\n8\n1\n");
            entities.append("0\nINSERT\n8\n1\n2\n%s\n10\n0\n20\n0\n30\n0\n".formatted(plain(name)));
            return DxfDrawing.this;
        }
    }

    public Block block(String name) {
        return new Block(name);
    }

    public String text() {
        var layers = new StringBuilder();
        for (var layer : Layer.values())
            layers.append("0\nLAYER\n2\n%d\n70\n0\n62\n7\n6\nCONTINUOUS\n".formatted(layer.number()));
        return "0\nSECTION\n2\nHEADER\n9\n$ACADVER\n1\nAC1009\n9\n$INSUNITS\n70\n4\n9\n$MEASUREMENT\n70\n1\n0\nENDSEC\n"
                + "0\nSECTION\n2\nTABLES\n0\nTABLE\n2\nLAYER\n70\n%d\n%s0\nENDTAB\n"
                        .formatted(Layer.values().length, layers)
                + "0\nTABLE\n2\nAPPID\n70\n1\n0\nAPPID\n2\n%s\n70\n0\n0\nENDTAB\n0\nENDSEC\n".formatted(APPLICATION)
                + "0\nSECTION\n2\nBLOCKS\n%s0\nENDSEC\n0\nSECTION\n2\nENTITIES\n%s0\nENDSEC\n0\nEOF\n"
                        .formatted(blocks, entities);
    }

    /** On one line, in ASCII, no longer than a reader takes. */
    private static String plain(String text) {
        var plain = new StringBuilder();
        for (var i = 0; i < text.length() && plain.length() < LONGEST_TEXT; i++) {
            var letter = text.charAt(i);
            if (letter == '\n' || letter == '\r') plain.append(' ');
            else if (letter < 32) plain.append('?');
            else if (letter < 127) plain.append(letter);
            else plain.append(String.format("\\U+%04X", (int) letter));
        }
        return plain.toString();
    }
}
