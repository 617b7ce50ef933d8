package welumen.files.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cabin.PartId;
import welumen.cut.pieces.FromPattern;
import welumen.files.full.Paper;
import welumen.files.full.PiecePdf;
import welumen.files.json.BadFile;
import welumen.files.outside.Scrambled;
import welumen.measure.Parsed.Understood;
import welumen.pattern.Patterns;
import welumen.pattern.hole.HoleMap;
import welumen.pattern.outside.FromOutside;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Face;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.KeepOut;
import welumen.pattern.piece.Mirrored;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.pattern.piece.Surface;
import welumen.pattern.piece.Under;
import welumen.pattern.seam.Notches;
import welumen.pattern.surface.Blank;
import welumen.shape.Outline;
import welumen.shape.Point;

class PatternFilesTest {
    private static final PartId PART = new PartId("left-carpet");
    private static final List<String> WRITTEN =
            List.of(PatternDxf.write(List.of(piece(1))), PatternSvg.write(List.of(piece(1))));

    /** A piece with a curve of 40 chords, every finish there is, a hole, and a name that needs quoting. */
    static Piece piece(int number) {
        var edges = new ArrayList<Edge>();
        var finishes = EdgeFinish.values();
        var around = 14;
        for (var i = 0; i < around; i++) {
            var line = new ArrayList<Point>();
            for (var k = 0; k < 40; k++) {
                var angle = 2 * Math.PI * (i + k / 40.0) / around;
                var radius = 200 + 30 * Math.cos(3 * angle) + number;
                line.add(new Point(1000 * number + radius * Math.cos(angle), radius * Math.sin(angle)));
            }
            var finish = finishes[i % finishes.length];
            edges.add(new Edge(
                    "to “the” tunnel, <" + i + ">", line, finish, finish.allowanceMm() + 0.125, i == 3 ? 22.5 : 0));
        }
        var hole = Outline.ofRing(List.of(
                        new Point(1000 * number - 20, -20),
                        new Point(1000 * number + 20, -20),
                        new Point(1000 * number, 25)))
                .orThrow();
        return new Piece(
                        "p" + number,
                        PART,
                        "footwell & heel, \"left\" – %d".formatted(number),
                        "loop carpet",
                        Pairing.LEFT_AND_RIGHT,
                        3,
                        new Grain.StretchAlong(-12.5),
                        Under.FOAM,
                        edges)
                .with(Face.DOWN)
                .with(Inside.holes(List.of(hole))
                        .with(new Piercing(
                                "trim = screw",
                                Piercing.Kind.MELTED,
                                new Point(1000 * number + 60, 20),
                                4.2,
                                0,
                                Piercing.Made.IN_THE_CAR))
                        .with(new Piercing(
                                "",
                                Piercing.Kind.SLIT,
                                new Point(1000 * number - 60, 30),
                                24,
                                37.5,
                                Piercing.Made.ON_THE_BENCH))
                        .with(new KeepOut("lever; its “travel”", hole))
                        .with(
                                number == 1
                                        ? new Surface.Fluted(41.5, 87, 1.13)
                                        : number == 2
                                                ? new Surface.Perforated(12.5, 3.2, 41)
                                                : number == 3
                                                        ? new Surface.Pleated(40.5, 91, 15.25)
                                                        : new Surface.Quilted(
                                                                new Point(2000, 3), 12, 60, 44, 1.05, 1.1)));
    }

    private static void sameAs(Piece read, Piece written) {
        assertThat(read.name()).isEqualTo(written.name());
        assertThat(List.of(
                        read.id(),
                        read.part(),
                        read.material(),
                        read.pairing(),
                        read.grade(),
                        read.under(),
                        read.grain(),
                        read.face(),
                        read.inside().surface()))
                .isEqualTo(List.of(
                        written.id(),
                        written.part(),
                        written.material(),
                        written.pairing(),
                        written.grade(),
                        written.under(),
                        written.grain(),
                        written.face(),
                        written.inside().surface()));
        sameInside(read.inside(), written.inside());
        assertThat(read.edges()).hasSameSizeAs(written.edges());
        for (var i = 0; i < written.edges().size(); i++) {
            var one = read.edges().get(i);
            var other = written.edges().get(i);
            assertThat(List.of(one.name(), one.finish(), one.allowanceMm(), one.leftLongMm()))
                    .isEqualTo(List.of(other.name(), other.finish(), other.allowanceMm(), other.leftLongMm()));
            assertThat(one.line()).hasSameSizeAs(other.line());
            for (var k = 0; k < one.line().size(); k++)
                assertThat(one.line().get(k).to(other.line().get(k))).isLessThan(0.01);
        }
        assertThat(read.holes()).hasSameSizeAs(written.holes());
        for (var i = 0; i < read.holes().size(); i++)
            for (var k = 0; k < read.holes().get(i).corners().size(); k++)
                assertThat(read.holes()
                                .get(i)
                                .corners()
                                .get(k)
                                .to(written.holes().get(i).corners().get(k)))
                        .isLessThan(0.01);
    }

    private static void sameInside(Inside read, Inside written) {
        assertThat(read.piercings()).hasSameSizeAs(written.piercings());
        for (var i = 0; i < written.piercings().size(); i++) {
            var one = read.piercings().get(i);
            var other = written.piercings().get(i);
            assertThat(one.at().to(other.at())).isLessThan(0.01);
            assertThat(List.of(one.what(), one.kind(), one.sizeMm(), one.degrees(), one.made()))
                    .isEqualTo(List.of(other.what(), other.kind(), other.sizeMm(), other.degrees(), other.made()));
        }
        assertThat(read.keepOuts()).hasSameSizeAs(written.keepOuts());
        for (var i = 0; i < written.keepOuts().size(); i++) {
            assertThat(read.keepOuts().get(i).what())
                    .isEqualTo(written.keepOuts().get(i).what());
            assertThat(read.keepOuts().get(i).room().area())
                    .isCloseTo(written.keepOuts().get(i).room().area(), within(0.01));
        }
    }

    @Test
    void dxfThereAndBackKeepsLinesAndFinishes() throws BadFile {
        var pieces = List.of(piece(1), piece(2));
        var read = PatternDxf.read(PatternDxf.write(pieces), new PartId("other"));
        assertThat(read).hasSize(2);
        for (var i = 0; i < 2; i++) sameAs(read.get(i), pieces.get(i));
    }

    @Test
    void svgThereAndBackKeepsLinesAndFinishes() throws BadFile {
        var pieces = List.of(piece(1), piece(2));
        var read = PatternSvg.read(PatternSvg.write(pieces), new PartId("other"));
        assertThat(read).hasSize(2);
        for (var i = 0; i < 2; i++) sameAs(read.get(i), pieces.get(i));
    }

    /** A square of 100 with one round corner of 20, drawn elsewhere as lines in any order and an arc. */
    @Test
    void aDrawingFromElsewhereIsAPieceWithRawEdges() throws BadFile {
        var dxf = """
                0
                SECTION
                2
                ENTITIES
                0
                LINE
                8
                1
                10
                0
                20
                0
                11
                100
                21
                0
                0
                LINE
                8
                1
                10
                0
                20
                100
                11
                0
                21
                0
                0
                LINE
                8
                1
                10
                100
                20
                0
                11
                100
                21
                80
                0
                ARC
                8
                1
                10
                80
                20
                80
                40
                20
                50
                0
                51
                90
                0
                LINE
                8
                1
                10
                80
                20
                100
                11
                0
                21
                100
                0
                ENDSEC
                0
                EOF
                """;
        var piece = PatternDxf.read(dxf, PART).getFirst();
        assertThat(piece.net().area()).isCloseTo(10_000 - 400 + 100 * Math.PI, Assertions.within(0.5));
        assertThat(piece.edges())
                .hasSize(3)
                .allSatisfy(edge -> assertThat(edge.finish()).isEqualTo(EdgeFinish.RAW));
        var svg = "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0,0 h100 v-60 H0 z'/></svg>";
        assertThat(PatternSvg.read(svg, PART).getFirst().net().area()).isEqualTo(6000);
    }

    /** Quarters of a circle as Béziers, arcs and a spline: all of one area, to what a Bézier can. */
    @Test
    void curvesFromElsewhereAreReadAsTheyRun() throws BadFile {
        var arcs = "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0,0 h100 a50,50 0 0 1 0,100 h-100 z'/></svg>";
        assertThat(PatternSvg.read(arcs, PART).getFirst().net().area()).isCloseTo(10_000 + Math.PI * 1250, within(0.5));
        var cubic = "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0,0 C 0,-40 100,-40 100,0 Z'/></svg>";
        // under a cubic with both handles 40 off a chord of 100: 0.6 · 100 · 40
        assertThat(PatternSvg.read(cubic, PART).getFirst().net().area()).isCloseTo(2400, within(0.5));
        var smooth = "<svg xmlns='http://www.w3.org/2000/svg'>"
                + "<path d='M0,0 C 0,-40 100,-40 100,0 s 100,40 100,0 L 200,100 l -200 0 Z'/>"
                + "<path d='m 0 0 q 50 -60 100 0 t 100 0 V 100 H 0 Z'/></svg>";
        // what stands above the line on the first half lies below it on the second
        assertThat(PatternSvg.read(smooth, PART).getFirst().net().area()).isCloseTo(20_000, within(0.5));
        assertThat(PatternSvg.read(smooth, PART).getLast().net().area()).isCloseTo(20_000, within(0.5));
        var ellipse = "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0,0 A 80 30 20 1 1 1 0.1 Z'/></svg>";
        assertThat(PatternSvg.read(ellipse, PART).getFirst().net().area()).isCloseTo(Math.PI * 2400, within(3.0));
        var spline = "0\nSPLINE\n8\n1\n70\n0\n71\n3\n"
                + "40\n0\n40\n0\n40\n0\n40\n0\n40\n1\n40\n1\n40\n1\n40\n1\n"
                + "10\n0\n20\n0\n10\n0\n20\n40\n10\n100\n20\n40\n10\n100\n20\n0\n"
                + "0\nLINE\n8\n1\n10\n100\n20\n0\n11\n0\n21\n0\n0\nEOF\n";
        assertThat(PatternDxf.read(spline, PART).getFirst().net().area()).isCloseTo(2400, within(0.5));
        // one knot too few
        var wrong = spline.replaceFirst("40\n1\n", "");
        assertThatThrownBy(() -> PatternDxf.read(wrong, PART)).hasMessageContaining("knots of a spline");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "hello",
                "0\nSECTION\nx\ny",
                "0\nLINE\n8\n1\n10\n1e99\n20\n0",
                "0\nLINE\n8\n1\n10\nwide\n20\n0"
            })
    void aDamagedDrawingIsRefusedInWords(String text) {
        assertThatThrownBy(() -> PatternDxf.read(text, PART)).isInstanceOf(BadFile.class);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "<svg",
                "<svg xmlns='http://www.w3.org/2000/svg'/>",
                "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0 C1 1 2 2 Z'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0 L 9 0 L 9 9 Z M 20 0 L 29 0 L 29 9 Z'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0 L 10 10 L 1e9 3 Z'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0 L 10 Z'/></svg>"
            })
    void aDamagedSvgIsRefusedInWords(String text) {
        assertThatThrownBy(() -> PatternSvg.read(text, PART)).isInstanceOf(BadFile.class);
    }

    /** An entity that would read a file of this computer stays what it is. */
    @Test
    void outsideEntitiesAreNeverResolved() {
        var bomb = """
                <!DOCTYPE svg [<!ENTITY file SYSTEM "file:///etc/hostname">]>
                <svg xmlns="http://www.w3.org/2000/svg"><path d="&file;Z"/></svg>""";
        assertThatThrownBy(() -> PatternSvg.read(bomb, PART)).isInstanceOf(BadFile.class);
    }

    static Stream<Integer> seeds() {
        return Stream.iterate(0, seed -> seed < Integer.getInteger("fuzz.rounds", 300), seed -> seed + 1);
    }

    /** Letters changed, cut out and doubled at random: it is read, or refused in words, and nothing else. */
    @ParameterizedTest
    @MethodSource("seeds")
    void scrambledFilesAreReadOrRefused(int seed) {
        var random = new Random(seed);
        var isSvg = seed % 2;
        var text = Scrambled.text(WRITTEN.get(isSvg), random);
        try {
            var read = isSvg == 1 ? PatternSvg.read(text, PART) : PatternDxf.read(text, PART);
            assertThat(read).isNotEmpty();
            if (FromOutside.sound(read, PART::equals, PART) instanceof Understood<List<Piece>>(var pieces))
                pieces.forEach(PatternFilesTest::canBeWorkedWith);
        } catch (BadFile refused) {
            assertThat(refused).hasMessageMatching("(?s).*[.].*");
        }
    }

    /** Whatever came through the gate can be drawn, cut, written and printed. */
    private static void canBeWorkedWith(Piece piece) {
        var patterns = Patterns.of(List.of(piece), List.of());
        assertThat(Blank.of(piece).area()).isPositive();
        assertThat(FromPattern.pieces(List.of(piece))).isNotEmpty();
        assertThat(Notches.of(piece, List.of(), patterns)).isNotNull();
        assertThat(Mirrored.of(piece, PART, piece.name()).net().area()).isPositive();
        assertThat(HoleMap.of(piece, 0)).isNotNull();
        assertThat(PatternCsv.write(List.of(piece))).contains("\r\n");
        assertThat(PatternSvg.write(List.of(piece))).contains("path");
        assertThat(PatternDxf.write(List.of(piece))).contains("BLOCK");
        assertThat(PiecePdf.on(Paper.Sheet.A4, piece, patterns)).isNotEmpty();
    }

    @Test
    void noCellIsAFormula() {
        for (var name : List.of("=1+1", "+1", "-5", "@sum", "\t=1", "\r=1", " =1")) {
            var line = PatternCsv.write(List.of(piece(1).named(name))).split("\r\n", 2)[1];
            assertThat(line).as(name).matches("(?s)\"?'.*");
        }
    }

    @Test
    void theTableQuotesWhatItMust() {
        var lines = PatternCsv.write(List.of(piece(1))).split("\r\n");
        assertThat(lines).hasSize(2);
        assertThat(lines[1])
                .startsWith("\"footwell & heel, \"\"left\"\" – 1\",left-carpet,loop carpet,left and right,3,");
    }
}
