package welumen.files.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cabin.PartId;
import welumen.files.json.BadFile;
import welumen.pattern.piece.Piece;
import welumen.shape.Point;

/** A drawing is as large as it says, in its own unit, whatever is done to it on the way; or it is refused. */
class SizesOfDrawingsTest {
    private static final PartId PART = new PartId("left-front-carpet");

    private static Piece svg(String attributes, String inside) throws BadFile {
        return PatternSvg.read(
                        "<svg xmlns='http://www.w3.org/2000/svg' %s>%s</svg>".formatted(attributes, inside), PART)
                .getFirst();
    }

    private static final String PATH = "<path d='M0,0 h100 v60 h-100 z'/>";

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''                                                         | 100   | 60",
                "width='100mm' height='60mm' viewBox='0 0 100 60'           | 100   | 60",
                "width='10cm' height='6cm' viewBox='0 0 100 60'             | 100   | 60",
                "width='100in' height='60in' viewBox='0 0 100 60'           | 2540  | 1524",
                "width='200mm' height='120mm' viewBox='0 0 100 60'          | 200   | 120",
                "width='200mm' height='900mm' viewBox='0 0 100 60'          | 200   | 120",
                "width='72pt' viewBox='0 0 100 60'                          | 25.4  | 15.24",
                "width='960' height='576' viewBox='0 0 100 60'              | 254   | 152.4",
                "width='960' height='576'                                   | 26.458 | 15.875",
                "width='100%' viewBox='0 0 100 60'                          | 100   | 60"
            })
    void anSvgIsAsLargeAsItSays(String attributes, double wide, double high) throws BadFile {
        var box = svg(attributes, PATH).net().box();
        assertThat(box.width()).isCloseTo(wide, within(0.01));
        assertThat(box.height()).isCloseTo(high, within(0.01));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<g transform='scale(2)'><path d='M0,0 h100 v60 h-100 z'/></g>                          | 200 | 120",
                "<g transform='scale(2)'><path transform='scale(.5 1)' d='M0,0 h100 v60 h-100 z'/></g>  | 100 | 120",
                "<path transform='translate(40 9) rotate(90)' d='M0,0 h100 v60 h-100 z'/>               | 60  | 100",
                "<path transform='scale(-1 1)' d='M0,0 h100 v60 h-100 z'/>                              | 100 | 60",
                "<path transform='matrix(1 0 0 3 0 0)' d='M0,0 h100 v60 h-100 z'/>                      | 100 | 180",
                "<rect x='5' y='5' width='100' height='60'/>                                            | 100 | 60",
                "<polygon points='0,0 100,0 100,60 0,60'/>                                              | 100 | 60",
                "<ellipse cx='9' cy='9' rx='50' ry='30'/>                                               | 100 | 60",
                "<defs><path d='M0,0 h9 v9 h-9 z'/></defs><path d='M0,0 h100 v60 h-100 z'/>             | 100 | 60"
            })
    void whatIsDoneToItsShapesIsDone(String inside, double wide, double high) throws BadFile {
        var box = svg("", inside).net().box();
        assertThat(box.width()).isCloseTo(wide, within(0.02));
        assertThat(box.height()).isCloseTo(high, within(0.02));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<svg xmlns='http://www.w3.org/2000/svg' width='3em'><path d='M0,0 h9 v9 h-9 z'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 0 0'><path d='M0,0 h9 v9 h-9 z'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='none'><path d='M0,0 h9 v9 h-9 z'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg'><path transform='bigger' d='M0,0 h9 v9 h-9 z'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg'><svg><path d='M0,0 h9 v9 h-9 z'/></svg></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg'><use href='#a'/><path d='M0,0 h9 v9 h-9 z'/></svg>"
            })
    void whatCannotBeMeasuredIsRefusedWithItsLine(String text) {
        assertThatThrownBy(() -> PatternSvg.read(text, PART))
                .isInstanceOf(BadFile.class)
                .hasMessageContaining("line 1");
    }

    private static final String BOX =
            "0\nLWPOLYLINE\n8\n1\n70\n1\n10\n0\n20\n0\n10\n100\n20\n0\n10\n100\n20\n60\n10\n0\n20\n60\n";

    private static String dxf(String head, String blocks, String entities) {
        return "0\nSECTION\n2\nHEADER\n%s0\nENDSEC\n0\nSECTION\n2\nBLOCKS\n%s0\nENDSEC\n0\nSECTION\n2\nENTITIES\n%s0\nENDSEC\n0\nEOF\n"
                .formatted(head, blocks, entities);
    }

    @ParameterizedTest
    @CsvSource({"0, 100", "4, 100", "1, 2540", "5, 1000", "13, 0.1"})
    void aDxfIsInTheUnitOfItsHead(int unit, double wide) throws BadFile {
        var text = dxf("9\n$INSUNITS\n70\n" + unit + "\n", "", BOX);
        assertThat(PatternDxf.read(text, PART).getFirst().net().box().width()).isCloseTo(wide, within(1e-6));
    }

    @Test
    void aUnitInWhichNobodyDrawsAPatternIsRefused() {
        assertThatThrownBy(() -> PatternDxf.read(dxf("9\n$INSUNITS\n70\n3\n", "", BOX), PART))
                .hasMessageContaining("in which no pattern is drawn");
    }

    private static String put(String scales) {
        return "0\nINSERT\n8\n0\n2\na\n10\n0\n20\n0\n" + scales;
    }

    @Test
    void aBlockIsAsLargeAsItIsPutInAndOnceForEachWay() throws BadFile {
        var block = "0\nBLOCK\n2\na\n" + BOX + "0\nENDBLK\n";
        var twice = PatternDxf.read(dxf("", block, put("41\n2\n42\n2\n")), PART);
        assertThat(twice.getFirst().net().box().width()).isEqualTo(200);
        var both = PatternDxf.read(dxf("", block, put("") + put("41\n-1\n") + put("41\n-1\n")), PART);
        assertThat(both).hasSize(2);
        assertThat(both.getLast().net().box().minX()).isEqualTo(-100);
        assertThat(both.getLast().net().area()).isEqualTo(6000);
        assertThatThrownBy(
                        () -> PatternDxf.read(dxf("", "0\nBLOCK\n2\nb\n" + put("") + "0\nENDBLK\n" + block, ""), PART))
                .hasMessageContaining("within another block");
    }

    /** A bulge of 1 is half a circle. */
    @Test
    void aPolylinesArcsAreArcs() throws BadFile {
        var half = "0\nLWPOLYLINE\n8\n1\n70\n1\n10\n0\n20\n0\n42\n1\n10\n100\n20\n0\n";
        var area = Math.PI * 50 * 50 / 2;
        assertThat(PatternDxf.read(dxf("", "", half), PART).getFirst().net().area())
                .isCloseTo(area, within(2.0));
        var old = "0\nPOLYLINE\n8\n1\n66\n1\n70\n1\n0\nVERTEX\n8\n1\n10\n0\n20\n0\n42\n-0.41421356\n"
                + "0\nVERTEX\n8\n1\n10\n100\n20\n0\n0\nVERTEX\n8\n1\n10\n100\n20\n-200\n0\nVERTEX\n8\n1\n10\n0\n20\n-200\n0\nSEQEND\n";
        var segment = 50 * 50 * 2 * (Math.PI / 4 - 0.5);
        assertThat(PatternDxf.read(dxf("", "", old), PART).getFirst().net().area())
                .isCloseTo(20_000 + segment, within(2.0));
    }

    /** Twenty thousand lines of a ring, in no order and either way. */
    @Test
    void manyShuffledLinesAreOneRing() throws BadFile {
        var count = 20_000;
        var lines = new ArrayList<String>();
        var random = new Random(20260414);
        for (var i = 0; i < count; i++) {
            var a = 2 * Math.PI * i / count;
            var b = 2 * Math.PI * (i + 1) / count;
            var from = random.nextBoolean();
            lines.add("0\nLINE\n8\n1\n10\n%s\n20\n%s\n11\n%s\n21\n%s\n"
                    .formatted(x(from ? a : b), y(from ? a : b), x(from ? b : a), y(from ? b : a)));
        }
        Collections.shuffle(lines, random);
        assertThat(PatternDxf.read(dxf("", "", String.join("", lines)), PART)
                        .getFirst()
                        .net()
                        .area())
                .isCloseTo(Math.PI * 2000 * 2000, within(100.0));
    }

    private static double x(double angle) {
        return Math.round(2_000_000 * Math.cos(angle)) / 1000.0;
    }

    private static double y(double angle) {
        return Math.round(2_000_000 * Math.sin(angle)) / 1000.0;
    }

    @Test
    void gapsAreBridgedToTheNearest() {
        var ring = Chain.closed(List.of(
                List.of(new Point(0, 0), new Point(10, 0)),
                List.of(new Point(0, 10), new Point(0, 0.2)),
                List.of(new Point(0.1, 10.1), new Point(10.1, 10.1)),
                List.of(new Point(10.1, 10), new Point(10, 0.1))));
        assertThat(ring).hasSize(8);
        assertThat(ring.get(1)).isEqualTo(new Point(10, 0));
        assertThat(ring.get(2)).isEqualTo(new Point(10, 0.1));
    }
}
