package welumen.files.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.cut.hide.DrawnHide;
import welumen.files.json.BadFile;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Shape;

class HideDrawingTest {
    private static final Outline FLAW = Outline.ofRing(
                    List.of(new Point(0, 900), new Point(90, 900), new Point(90, 980), new Point(0, 980)))
            .orThrow();
    private static final Shape HIDE = new Shape(DrawnHide.usual(4.8e6), List.of(FLAW));

    @TempDir
    private Path folder;

    private static Piece drawn(String name) {
        return new Piece(
                        name,
                        new PartId("hide"),
                        name,
                        "hide",
                        Pairing.ONE,
                        1,
                        new Grain.AnyWay(),
                        Under.NOTHING,
                        List.of(new Edge("", HIDE.outline().corners(), EdgeFinish.RAW, 0)))
                .with(Inside.holes(HIDE.holes()));
    }

    @Test
    void aHideComesFromDxfAndFromSvg() throws IOException, BadFile {
        var dxf = Files.writeString(folder.resolve("hide.DXF"), PatternDxf.write(List.of(drawn("h"))));
        var svg = Files.writeString(folder.resolve("hide.svg"), PatternSvg.write(List.of(drawn("h"))));
        for (var file : List.of(dxf, svg)) {
            var read = HideDrawing.read(file);
            assertThat(read.outline().area()).isCloseTo(HIDE.outline().area(), within(100.0));
            assertThat(read.holes()).hasSize(1);
            assertThat(read.holes().getFirst().area()).isCloseTo(90 * 80, within(1.0));
        }
    }

    @Test
    void twoOutlinesAreNoHide() throws IOException {
        var two = Files.writeString(folder.resolve("two.dxf"), PatternDxf.write(List.of(drawn("h"), drawn("k"))));
        assertThatThrownBy(() -> HideDrawing.read(two))
                .isInstanceOf(BadFile.class)
                .hasMessageContaining("2 outlines");
        var torn = Files.writeString(folder.resolve("torn.svg"), "<svg><path d=\"M0 0 L");
        assertThatThrownBy(() -> HideDrawing.read(torn)).isInstanceOf(BadFile.class);
    }

    /** A name may say anything. */
    @Test
    void whatItHoldsGoesBeforeItsName() throws IOException, BadFile {
        var wrong = Files.writeString(folder.resolve("hide.dxf"), PatternSvg.write(List.of(drawn("h"))));
        assertThat(HideDrawing.read(wrong).holes()).hasSize(1);
        var none = Files.writeString(folder.resolve("hide.txt"), PatternDxf.write(List.of(drawn("h"))));
        assertThat(HideDrawing.read(none).holes()).hasSize(1);
        var text = Files.writeString(folder.resolve("note.txt"), "a hide, 4.8 m²");
        assertThatThrownBy(() -> HideDrawing.read(text)).hasMessage("It is no drawing that is read here: SVG, DXF.");
        assertThat(DrawingFormat.patterns()).containsExactly("*.svg", "*.dxf");
    }
}
