package welumen.standins.camera;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.cabin.Spot;
import welumen.files.label.LabelPdf;
import welumen.files.label.LabelReader;
import welumen.files.label.LabelSheet;
import welumen.strip.label.LabelCode;
import welumen.strip.label.TrimLabel;

class LabelPhotoTest {
    private static final String JOB = LabelCode.mark(new UUID(0x1963, 1));

    private static TrimLabel bag(int number) {
        return new TrimLabel(
                new LabelCode.OfBag(JOB, number),
                Integer.toString(number),
                List.of("Left front seat: 3 bolts M10×25; 1 bolt M10×22", "Left seat runner cover: 3 screws no. 8"),
                List.of(Spot.SEAT_LEFT),
                "1963 Varrow Selkie, saloon");
    }

    private static TrimLabel part() {
        return new TrimLabel(
                new LabelCode.OfPart(JOB, new PartId("left-centre-pillar-trim")),
                "Left centre pillar trim",
                List.of("Bag 12"),
                List.of(Spot.SILL_LEFT),
                "1963 Varrow Selkie, saloon");
    }

    /** Twenty photos at up to 40° of slant, blurred, half in the shade: at least 19 are read, and none wrongly. */
    @Test
    void labelsAreReadFromBadPhotos() {
        var sheets = LabelSheet.values();
        var read = IntStream.range(0, 20)
                .parallel()
                .filter(seed -> {
                    var label = seed % 4 == 3 ? part() : bag(seed + 1);
                    var photo = LabelPhoto.of(label, sheets[seed % sheets.length], seed);
                    var found = LabelReader.read(photo, "label.jpg");
                    found.ifPresent(code -> assertThat(code).isEqualTo(label.code()));
                    return found.isPresent();
                })
                .count();
        assertThat(read).isGreaterThanOrEqualTo(19);
    }

    @Test
    void whatIsNoLabelIsNone() {
        assertThat(LabelReader.read(new CameraStandin().shoot("left sill cover"), "sill.png"))
                .isEmpty();
        assertThat(LabelCode.read("https://example.org")).isEmpty();
        assertThat(LabelCode.read(bag(7).code().text())).contains(bag(7).code());
        assertThat(LabelCode.read(part().code().text())).contains(part().code());
    }

    @Test
    void sheetsAreOfTheirSizeAndSayWhatIsWhere() throws Exception {
        var labels = IntStream.rangeClosed(1, 22).mapToObj(LabelPhotoTest::bag).toList();
        try (var pdf = Loader.loadPDF(LabelPdf.write(labels, LabelSheet.THREE_BY_SEVEN, 0))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
            var text = new PDFTextStripper().getText(pdf);
            assertThat(text).contains("Left front seat").contains("1963 Varrow Selkie");
        }
        try (var pdf = Loader.loadPDF(LabelPdf.write(labels.subList(0, 2), LabelSheet.TWO_BY_FOUR, 7))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2); // one label was left on the sheet
        }
    }
}
