package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.files.pattern.PatternDxf;
import welumen.job.JobChange.AtPattern;
import welumen.job.WorkStage;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.Seam;
import welumen.pattern.SeamWalk;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Piece;
import welumen.standins.camera.FloorCameraStandin.Lying;

/** An old footwell carpet on the floor becomes pieces that can be cut: by camera, robot and real interface. */
class PatternWalkTest {
    private static final PartId CARPET = new PartId("right-front-carpet");

    @TempDir
    private Path home;

    private Workbench bench;

    @BeforeEach
    void openThePattern() {
        bench = Workbench.open(home);
        bench.pick(CARPET.value());
        bench.go(WorkStage.PATTERN);
    }

    @AfterEach
    void close() {
        bench.close();
    }

    private List<Piece> pieces(PartId part) {
        return bench.ask(() -> bench.model().job().patterns().of(part));
    }

    private void finish(int edge, EdgeFinish finish) {
        bench.ask(() -> {
            bench.robot
                    .lookup("#edges")
                    .<ListView<Integer>>query()
                    .getSelectionModel()
                    .select(edge);
            return null;
        });
        bench.settle();
        bench.ask(() -> {
            bench.robot.lookup("#finish").<ComboBox<EdgeFinish>>query().setValue(finish);
            return null;
        });
        bench.settle();
    }

    @Test
    void fromThePhotoToThePaper() throws Exception {
        bench.click("leaf-photo");
        bench.click("photograph-piece");
        bench.until(() -> bench.text("trace-answer").contains("targets agree"));
        bench.type("traced-name", "footwell");
        bench.click("make-piece");
        var traced = pieces(CARPET).getFirst();
        var truth = Lying.CARPET.shape();
        assertThat(traced.net().area())
                .isCloseTo(
                        truth.outline().area(), within(0.003 * truth.outline().area()));
        assertThat(traced.holes()).hasSameSizeAs(truth.holes());

        bench.click("leaf-pieces");
        finish(0, EdgeFinish.BOUND);
        finish(1, EdgeFinish.SEWN);
        var finished = pieces(CARPET).getFirst();
        assertThat(finished.edges().get(0).finish()).isEqualTo(EdgeFinish.BOUND);
        assertThat(finished.edges().get(1).allowanceMm()).isEqualTo(10);

        bench.click("tool-underlay");
        assertThat(pieces(CARPET)).hasSize(2);
        assertThat(pieces(CARPET).get(1).net().area()).isLessThan(finished.net().area());
        bench.ask(() -> {
            bench.model().takeBack();
            return null;
        });
        assertThat(pieces(CARPET)).hasSize(1);

        bench.click("leaf-strips");
        assertThat(bench.text("strips-answer")).startsWith("%.2f m of binding".formatted(finished.lengthMm(0) / 1000));

        bench.click("leaf-pieces");
        bench.click("tool-print");
        try (var papers = Files.walk(bench.folder())) {
            var paper = papers.filter(file -> file.getFileName().toString().contains("footwell at full size"))
                    .findFirst()
                    .orElseThrow();
            try (var document = Loader.loadPDF(paper.toFile())) {
                assertThat(document.getNumberOfPages()).isGreaterThan(8);
            }
        }

        bench.click("tool-save");
        try (var papers = Files.walk(bench.folder())) {
            var drawn = papers.filter(file -> file.toString().endsWith(".dxf"))
                    .findFirst()
                    .orElseThrow();
            var read = PatternDxf.read(Files.readString(drawn), CARPET);
            assertThat(read).hasSize(1);
            assertThat(read.getFirst().edges()).hasSameSizeAs(finished.edges());
        }

        bench.click("tool-mirror");
        var other = pieces(new PartId("left-front-carpet"));
        assertThat(other).hasSize(2); // beside the one that lies on the roll
        assertThat(other.getLast().net().area()).isCloseTo(finished.net().area(), within(1e-6));
    }

    @Test
    void whatCannotBeTracedIsSaid() {
        bench.click("leaf-photo");
        bench.type("target-size", "wide");
        bench.click("photograph-piece");
        assertThat(bench.text("trace-answer")).contains("Type it as 80 mm");
        bench.type("target-size", "80 mm");
        bench.click("print-targets");
        assertThat(bench.text("trace-answer")).startsWith("Printed to");
    }

    /** The seat's seams: taken apart, proposed again, walked, and put in order. */
    @Test
    void seamsAreWalkedAndOrdered() {
        bench.pick("left-front-seat");
        bench.click("leaf-seams");
        var seams = bench.ask(() -> bench.model().job().patterns().seams());
        assertThat(bench.text("seams-answer")).contains("seam");
        assertThat(bench.ask(() ->
                        bench.robot.lookup("#sewing-order .note").queryAll().size()))
                .isPositive();
        var first = seams.stream()
                .filter(seam -> pieces(new PartId("left-front-seat")).stream()
                        .anyMatch(piece -> piece.id().equals(seam.one().piece())))
                .findFirst()
                .orElseThrow();
        bench.click("apart-%s-%d-%d"
                .formatted(first.one().piece(), first.one().edge(), first.one().copy()));
        assertThat(bench.ask(() -> bench.model().job().patterns().seams())).doesNotContain(first);
        bench.click("propose-seams");
        assertThat(bench.ask(() -> bench.model().job().patterns().seams())).hasSameSizeAs(seams);
    }

    /** The footwell's carpet walks with the tunnel's, both from the floor; what is too long is mended. */
    @Test
    void theCarpetWalksWithTheTunnelPiece() {
        bench.pick(CARPET.value());
        photograph("footwell");
        bench.pick("tunnel-carpet");
        photograph("tunnel");
        var tunnel = pieces(new PartId("tunnel-carpet")).getFirst();
        var footwell = pieces(CARPET).getFirst();
        sewn(0);
        bench.click("leaf-seams");
        bench.ask(() -> {
            bench.model()
                    .make(new AtPattern(new SeamJoined(
                            new Seam(new Seam.Side(footwell.id(), 0), new Seam.Side(tunnel.id(), 0), 0, false))));
            return null;
        });
        bench.pick("none");
        assertThat(bench.text("seams-answer")).contains("seam");
        var walk = bench.ask(() -> {
            var patterns = bench.model().job().patterns();
            return patterns.seams().stream()
                    .filter(seam -> seam.one().piece().equals(footwell.id()))
                    .map(seam -> SeamWalk.of(patterns, seam))
                    .findFirst()
                    .orElseThrow();
        });
        // the same old carpet twice: what the photos differ by is all that they differ by
        assertThat(Math.abs(walk.offMm())).isLessThan(walk.toleranceMm());
    }

    private void sewn(int edge) {
        bench.click("leaf-pieces");
        finish(edge, EdgeFinish.SEWN);
    }

    private void photograph(String name) {
        bench.click("leaf-photo");
        bench.click("photograph-piece");
        bench.until(() -> bench.text("trace-answer").contains("targets agree"));
        bench.type("traced-name", name);
        bench.click("make-piece");
    }

    /** A cushion with flutes and piping: its blank, its seams, its piping from a hide, and paper at full size. */
    @Test
    void aFlutedCushionFromSeamsToPaper() throws Exception {
        bench.pick("left-front-seat");
        bench.click("leaf-quilting");
        assertThat(bench.text("relief-answer")).contains("9 flutes of 42.2 mm");
        bench.click("leaf-strips");
        assertThat(bench.text("strips-answer")).contains("of piping");
        var before = bench.text("strips-answer");
        bench.ask(() -> {
            bench.robot
                    .lookup("#strip-stock")
                    .<ComboBox<Object>>query()
                    .getSelectionModel()
                    .select(0);
            return null;
        });
        bench.settle();
        assertThat(bench.text("strips-answer")).isEqualTo(before);
        assertThat(bench.ask(() -> bench.robot
                        .lookup("#strip-length")
                        .queryAs(TextField.class)
                        .getText()))
                .isNotEqualTo("1400 mm");
        bench.click("leaf-pieces");
        bench.ask(() -> {
            bench.robot
                    .lookup("#paper")
                    .<ComboBox<Object>>query()
                    .getSelectionModel()
                    .select(3);
            return null;
        });
        bench.settle();
        bench.click("tool-print");
        try (var papers = Files.walk(bench.folder())) {
            var paper = papers.filter(file -> file.getFileName().toString().contains("cushion centre at full size"))
                    .findFirst()
                    .orElseThrow();
            try (var document = Loader.loadPDF(paper.toFile())) {
                assertThat(document.getNumberOfPages()).isEqualTo(1);
                assertThat(document.getPage(0).getMediaBox().getWidth() / 72 * 25.4)
                        .isCloseTo(610, within(0.1));
            }
        }
    }

    /** Stopped before it has seen anything: the leaf says so, and a trace can be begun anew. */
    @Test
    void aTraceIsStopped() {
        bench.click("leaf-photo");
        bench.ask(() -> {
            bench.robot.lookup("#photograph-piece").queryButton().fire();
            bench.model().background().running().getFirst().stop();
            return null;
        });
        assertThat(bench.text("trace-answer")).isEqualTo("The trace was stopped.");
        bench.click("photograph-piece");
        bench.until(() -> bench.text("trace-answer").contains("targets agree"));
    }
}
