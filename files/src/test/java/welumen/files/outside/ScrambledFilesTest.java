package welumen.files.outside;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.cut.hide.DrawnHide;
import welumen.cut.hide.Upright;
import welumen.files.json.BadFile;
import welumen.files.label.LabelReader;
import welumen.files.outline.OutlineReader;
import welumen.files.pattern.HideDrawing;
import welumen.files.pattern.PatternDxf;
import welumen.files.pattern.PatternSvg;
import welumen.journal.StoreException;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.strip.label.LabelCode;

/** Outlines, hides and labels that were scrambled: read, or refused in words; more of them in scripts/fuzz. */
class ScrambledFilesTest {
    private static final int ROUNDS = Integer.getInteger("fuzz.rounds", 300);
    private static final int PIXELS = 240;
    private static final LabelCode CODE =
            new LabelCode.OfPart(LabelCode.mark(new UUID(0x1963, 1)), new PartId("left-centre-pillar-trim"));

    private static final Outline FLAW = Outline.ofRing(
                    List.of(new Point(0, 900), new Point(90, 900), new Point(90, 980), new Point(0, 980)))
            .orThrow();

    private final Random random = new Random(20261130);

    @Test
    void outlines() {
        var whole = """
                {"format": "welumen-outline/1", "outline": [[0, 0], [0, 50], [45.5, 60], [90, 50], [90, 0]],
                 "covered": [{"edge": 2, "by": 30}], "keepOuts": [[[10, 10], [20, 10], [20, 20], [10, 20]]]}
                """;
        var read = 0;
        for (var round = 0; round < ROUNDS; round++)
            try {
                var needed = OutlineReader.needed(Scrambled.text(whole, random));
                assertThat(needed.outline().area()).isPositive();
                read++;
            } catch (BadFile refused) {
                assertThat(refused.getMessage()).contains(".");
            }
        assertThat(read).isBetween(1, ROUNDS - 1);
    }

    /** What is read stands upright, as any hide does. */
    @Test
    void hides(@TempDir Path folder) throws IOException {
        var wholes = List.of(PatternDxf.write(List.of(hide())), PatternSvg.write(List.of(hide())));
        var files = List.of(folder.resolve("hide.dxf"), folder.resolve("hide.svg"));
        var read = 0;
        for (var round = 0; round < ROUNDS; round++) {
            var file = Files.writeString(files.get(round % 2), Scrambled.text(wholes.get(round % 2), random));
            try {
                assertThat(Upright.of(HideDrawing.read(file)).shape().outline().area())
                        .isPositive();
                read++;
            } catch (BadFile refused) {
                assertThat(refused.getMessage()).contains(".");
            }
        }
        assertThat(read).isBetween(1, ROUNDS - 1);
    }

    private static Piece hide() {
        return new Piece(
                        "h",
                        new PartId("hide"),
                        "h",
                        "hide",
                        Pairing.ONE,
                        1,
                        new Grain.AnyWay(),
                        Under.NOTHING,
                        List.of(new Edge("", DrawnHide.usual(4.8e6).corners(), EdgeFinish.RAW, 0)))
                .with(Inside.holes(List.of(FLAW)));
    }

    @Test
    void textsOfLabels() {
        for (var round = 0; round < 10 * ROUNDS; round++)
            LabelCode.read(Scrambled.text(CODE.text(), random))
                    .ifPresent(code -> assertThat(LabelCode.read(code.text())).contains(code));
    }

    /** Squares of the code painted over, and a byte of its picture changed: it is read as it was written, or not at all. */
    @Test
    void photosOfLabels() throws IOException, WriterException {
        var squares = new QRCodeWriter().encode(CODE.text(), BarcodeFormat.QR_CODE, PIXELS, PIXELS);
        var read = 0;
        var rounds = ROUNDS / 12;
        for (var round = 0; round < rounds; round++) {
            var content = png(painted(squares));
            if (random.nextInt(3) == 0) content[random.nextInt(content.length)] = (byte) random.nextInt(256);
            try {
                var found = LabelReader.read(content, "scrambled");
                found.ifPresent(code -> assertThat(code).isEqualTo(CODE));
                if (found.isPresent()) read++;
            } catch (StoreException refused) {
                assertThat(refused).hasMessageContaining("scrambled");
            }
        }
        assertThat(read).isBetween(1, rounds - 1);
    }

    private BufferedImage painted(BitMatrix squares) {
        var image = new BufferedImage(PIXELS, PIXELS, BufferedImage.TYPE_INT_RGB);
        for (var y = 0; y < PIXELS; y++)
            for (var x = 0; x < PIXELS; x++) image.setRGB(x, y, squares.get(x, y) ? 0 : 0xFFFFFF);
        var pen = image.createGraphics();
        for (var i = random.nextInt(8); i > 0; i--) {
            pen.setColor(new Color(random.nextInt(0x1000000)));
            pen.fillRect(random.nextInt(PIXELS), random.nextInt(PIXELS), random.nextInt(60), random.nextInt(60));
        }
        pen.dispose();
        return image;
    }

    private static byte[] png(BufferedImage image) throws IOException {
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }
}
