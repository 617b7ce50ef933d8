package welumen.files.full;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.Turns;
import welumen.cut.hide.StockText;
import welumen.cut.judge.SheetUses;
import welumen.cut.leather.Worked;
import welumen.cut.leather.Working;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.files.nest.PlanDxf;
import welumen.pattern.Patterns;
import welumen.pattern.Seam;
import welumen.pattern.cutting.CuttingLine;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface;
import welumen.pattern.piece.Under;
import welumen.pattern.surface.Blank;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Pose;
import welumen.shape.Shape;

/** A ruler on the paper: what is measured are the PDF's own coordinates. */
class FullSizeTest {
    private static final double MM = 72 / 25.4;

    private static Piece piece(double wide, double high) {
        var edges = List.of(
                new Edge("front", List.of(new Point(5, 7)), EdgeFinish.SEWN, 10),
                new Edge("right", List.of(new Point(5 + wide, 7)), EdgeFinish.BOUND, 0),
                new Edge("back", List.of(new Point(5 + wide, 7 + high)), EdgeFinish.HEM, 20),
                new Edge("left", List.of(new Point(5, 7 + high)), EdgeFinish.SEWN, 10));
        var hole = Outline.ofRing(List.of(new Point(40, 40), new Point(60, 40), new Point(60, 55), new Point(40, 55)))
                .orThrow();
        return new Piece(
                        "p",
                        new PartId("carpet"),
                        "left carpet",
                        "carpet",
                        Pairing.ONE,
                        2,
                        new Grain.AnyWay(),
                        Under.NOTHING,
                        edges)
                .with(Inside.holes(List.of(hole)));
    }

    /** The paths of a page, each as its points in mm. */
    private static List<List<Point>> paths(PDDocument document, int page) throws IOException {
        var paths = new ArrayList<List<Point>>();
        var numbers = new ArrayList<Double>();
        for (var token : new PDFStreamParser(document.getPage(page)).parse()) {
            if (token instanceof COSNumber number) numbers.add((double) number.floatValue());
            if (!(token instanceof Operator operator)) continue;
            switch (operator.getName()) {
                case "m" -> paths.add(new ArrayList<>(List.of(last(numbers))));
                case "l" -> paths.getLast().add(last(numbers));
                default -> {}
            }
            numbers.clear();
        }
        return paths;
    }

    private static Point last(List<Double> numbers) {
        return new Point(numbers.get(numbers.size() - 2) / MM, numbers.get(numbers.size() - 1) / MM);
    }

    private static boolean isSize(List<Point> path, double wide, double high) {
        var box = Box.of(path);
        return Math.abs(box.width() - wide) < 0.1 && Math.abs(box.height() - high) < 0.1;
    }

    @Test
    void aPieceFromARollIsAsLargeAsItIs() throws IOException {
        var piece = piece(600, 400);
        var cut = CuttingLine.of(piece).box();
        try (var document = Loader.loadPDF(PiecePdf.on(new Paper.Roll(900, 1), piece, Patterns.EMPTY))) {
            var paths = paths(document, 0);
            assertThat(document.getPage(0).getMediaBox().getWidth() / MM).isCloseTo(900, within(0.1));
            assertThat(paths).anyMatch(path -> isSize(path, 100, 100));
            assertThat(paths).anyMatch(path -> isSize(path, cut.width(), cut.height()));
            assertThat(paths).anyMatch(path -> isSize(path, 600, 400));
            assertThat(paths).anyMatch(path -> isSize(path, 20, 15));
            assertThat(paths).anyMatch(path -> isSize(path, 0, 4.5)); // a snip in the front edge
        }
    }

    /** 610 by 430 over sheets of 186 by 273: four across and two up, and one with the square; crosses lie on crosses. */
    @Test
    void tilesMeetOnTheirCrosses() throws IOException {
        var piece = piece(600, 400);
        var cut = CuttingLine.of(piece).box();
        try (var document = Loader.loadPDF(PiecePdf.on(Paper.Sheet.A4, piece, Patterns.EMPTY))) {
            assertThat(document.getNumberOfPages()).isEqualTo(1 + 4 * 2);
            assertThat(paths(document, 0)).anyMatch(path -> isSize(path, 100, 100));
            var first = whole(document, 1, cut);
            var second = whole(document, 2, cut);
            // on the next sheet the whole is drawn one frame's width further left
            assertThat(first.minX() - second.minX()).isCloseTo(210 - 24, within(0.05));
            assertThat(first.minY() - second.minY()).isCloseTo(0, within(0.05));
            var above = whole(document, 5, cut);
            assertThat(first.minY() - above.minY()).isCloseTo(297 - 24, within(0.05));
        }
    }

    private static Box whole(PDDocument document, int page, Box cut) throws IOException {
        return paths(document, page).stream()
                .filter(path -> isSize(path, cut.width(), cut.height()))
                .map(Box::of)
                .findFirst()
                .orElseThrow();
    }

    /** Targets of 80 mm with their rim: two across and two up on A4; out of range is refused. */
    @Test
    void targetsArePrintedAsLargeAsTheyAreSaidToBe() throws IOException {
        try (var document = Loader.loadPDF(TargetPdf.write(80, 3, 8))) {
            assertThat(document.getNumberOfPages()).isEqualTo(4);
            assertThat(paths(document, 0)).anyMatch(path -> isSize(path, 104, 104));
        }
        assertThatThrownBy(() -> TargetPdf.write(10, 0, 1)).hasMessageContaining("from 20 to 150");
        assertThatThrownBy(() -> TargetPdf.write(80, 580, 20)).hasMessageContaining("There are no");
    }

    private static CutProblem onTwo() {
        var piece = new CutPiece(
                "left-facing",
                new Shape(Outline.rectangle(300, 200)),
                3,
                "hide",
                new Turns.Free(),
                false,
                4,
                new Stretch.Any(),
                "");
        var first =
                (Stock.Hide) StockText.read("hide 1, 4.8 m2, lot 27B", "hide").orThrow();
        return new CutProblem(
                3,
                List.of(piece),
                List.of(first, StockText.read("sheet 1, 1000 x 800", "hide").orThrow()),
                List.of());
    }

    private static CutPlan laid(CutProblem problem) {
        var placements = List.of(
                new Placement("left-facing", 1, "hide 1", new Pose(-120, 300, 0, false)),
                new Placement("left-facing", 2, "hide 1", new Pose(250, 700, 30, false)),
                new Placement("left-facing", 3, "sheet 1", new Pose(20, 20, 0, false)));
        return new CutPlan(placements, List.of(), SheetUses.of(problem, placements), 1);
    }

    /** Each hide has its card, with what is chalked and where from. */
    @Test
    void aCutCardSaysWhereToChalk() throws IOException {
        var problem = onTwo();
        try (var document = Loader.loadPDF(CutCardPdf.of(problem, laid(problem), Worked.NOTHING))) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
            var words = new PDFTextStripper().getText(document);
            assertThat(words)
                    .contains(
                            "hide 1",
                            "lot 27B",
                            "1  left facing, no. 1 120 left, 379 up  to  180 right, 579 up",
                            "sheet 1");
            assertThat(paths(document, 0)).anyMatch(path -> isSize(path, 3.4, 3.4)); // a box to tick
        }
    }

    /** A piece that is worked is marked, and so is what becomes of it. */
    @Test
    void aCutCardMarksWhatIsTrimmedLater() throws IOException {
        var problem = onTwo();
        var worked = Worked.NOTHING.with("left-facing", Working.DAMP);
        try (var document = Loader.loadPDF(CutCardPdf.of(problem, laid(problem), worked))) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("left facing, no. 1, rough", "Rough: worked and rested first");
        }
    }

    @Test
    void aHideAtFullSizeHasItsPiecesAsLargeAsTheyAre() throws IOException {
        var problem = onTwo();
        var sheet = problem.stock("sheet 1");
        try (var document = Loader.loadPDF(SheetPdf.on(new Paper.Roll(1200, 1), problem, laid(problem), sheet))) {
            assertThat(paths(document, 0)).anyMatch(path -> isSize(path, 300, 200));
            assertThat(paths(document, 0)).anyMatch(path -> isSize(path, 1000, 800));
        }
    }

    @Test
    void aPlanIsDrawnAsDxf() {
        var problem = onTwo();
        var dxf = PlanDxf.write(problem, laid(problem));
        assertThat(dxf)
                .contains("hide 1", "sheet 1", "left-facing, 3 of ")
                .startsWith("0")
                .endsWith("EOF\n");
    }

    /** Codes at both ends of a sewn edge, where a turn-in is cut, and holes that are punched. */
    @Test
    void whatIsDoneToAPieceStandsOnItsSheet() throws IOException {
        var one = piece(600, 400);
        var wrapped = one.withEdge(1, EdgeFinish.WRAPPED, 25).withEdge(2, EdgeFinish.WRAPPED, 25);
        var all = wrapped.with(wrapped.inside().with(new Surface.Perforated(40, 4, 0)));
        var seam = new Seam(new Seam.Side("p", 0), new Seam.Side("p", 3), 0, false);
        try (var document =
                Loader.loadPDF(PiecePdf.on(new Paper.Roll(900, 1), all, Patterns.of(List.of(all), List.of(seam))))) {
            var words = new PDFTextStripper().getText(document);
            assertThat(words).contains("A1", "A2", "folded, or cut to within 3 mm");
        }
        try (var document = Loader.loadPDF(PiecePdf.on(new Paper.Roll(900, 1), one, Patterns.EMPTY))) {
            assertThat(new PDFTextStripper().getText(document)).doesNotContain("A1", "folded");
        }
    }

    /** Flutes of 60 mm at a take-up of 1.1: the blank is a tenth wider, and its rows are 66 mm apart before they are sewn. */
    @Test
    void aPieceInWhichSomethingIsSewnIsPrintedAsTheBlank() throws IOException {
        var plain = piece(600, 400);
        var fluted = plain.with(plain.inside().withHoles(List.of()).with(new Surface.Fluted(60, 90, 1.1)));
        var size = Blank.of(fluted).box();
        assertThat(size.width())
                .isGreaterThan(1.09 * CuttingLine.of(fluted).box().width());
        try (var document =
                Loader.loadPDF(PiecePdf.on(new Paper.Roll(1200, 1), fluted, Patterns.of(List.of(fluted), List.of())))) {
            assertThat(paths(document, 0)).anyMatch(path -> isSize(path, size.width(), size.height()));
            var rows = paths(document, 0).stream()
                    .filter(path -> path.size() == 2
                            && Math.abs(path.getFirst().x() - path.getLast().x()) < 0.1
                            && path.getFirst().to(path.getLast()) > 300)
                    .map(path -> path.getFirst().x())
                    .sorted()
                    .toList();
            assertThat(rows).hasSizeGreaterThan(5);
            for (var row = 1; row < rows.size(); row++)
                assertThat(rows.get(row) - rows.get(row - 1)).isCloseTo(66, within(0.1));
            assertThat(new PDFTextStripper().getText(document)).contains("The blank: sew its rows first");
        }
    }
}
