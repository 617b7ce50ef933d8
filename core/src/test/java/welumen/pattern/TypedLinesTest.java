package welumen.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.cut.hide.MarkText;
import welumen.cut.hide.StockText;
import welumen.cut.stock.Stock;
import welumen.cut.table.CutCard;
import welumen.measure.Parsed;
import welumen.pattern.sides.LessonText;

/** Whatever is typed, there is an answer: what was understood, or a sentence. Nothing is ever thrown. */
class TypedLinesTest {
    private static final List<String> WORDS = List.of(
            "hide 3",
            "roll 1",
            "sheet",
            "52 sq ft",
            "4.8 m2",
            "1400 wide",
            "12 m long",
            "0 mm",
            "-3",
            "1e9",
            "9999999999",
            "lot 27B",
            "cost 310",
            "repeat 75 x 0",
            "grade 4",
            "grade 99",
            "flaw 40 at 3, 4",
            "x",
            "×",
            ",",
            ",,",
            ";",
            ":",
            "310 : 620",
            "ours 305 : 640",
            "within 3 %",
            "rising 89.9",
            "over 8",
            "5 mm stitch",
            "99 rows",
            "by hand",
            "sunk",
            "thread",
            "needle",
            "tested",
            "20 mm",
            "35 kg/m3",
            "pressed 100 %",
            "pressed 15 %",
            "glued",
            "feathered 40",
            "front 6 longer",
            "took 95 min",
            "took 9999 h",
            "1/2 in",
            "3'",
            "«»",
            "\u0000",
            "ø",
            "%s",
            "[",
            "(((",
            "\\");

    private static String line(RandomGenerator random) {
        return IntStream.range(0, random.nextInt(7))
                .mapToObj(_ -> WORDS.get(random.nextInt(WORDS.size())))
                .collect(Collectors.joining(random.nextBoolean() ? ", " : " "));
    }

    private static void assertAnswered(Parsed<?> answer) {
        if (answer instanceof Parsed.Refused<?>(var why))
            assertThat(why).isNotBlank().doesNotContain("null", "Exception", "java.");
    }

    @Test
    void everyLineIsAnswered() {
        var random = new SplittableRandom(5);
        var piece = Pieces.rectangle("panel", 400, 300);
        var hide = (Stock.Hide) StockText.read("hide 1, 4.8 m2", "hide").orThrow();
        for (var i = 0; i < 3000; i++) {
            var typed = line(random);
            assertAnswered(StockText.read(typed, "hide"));
            assertAnswered(LikenessText.read(typed));
            assertAnswered(Stitching.USUAL.read(typed));
            assertAnswered(Padding.read(typed));
            assertAnswered(Clearance.read(typed, 3, List.of(new PartId("console"))));
            assertAnswered(SideStation.read(typed));
            assertAnswered(LessonText.read(typed, piece));
            if (i % 10 == 0) assertAnswered(MarkText.read(typed, hide, CutCard.from(hide)));
        }
    }

    /** What is said back as it is typed is understood again, and is the same. */
    @Test
    void whatIsSaidBackIsUnderstood() {
        var random = new SplittableRandom(6);
        for (var i = 0; i < 500; i++) {
            var so = new Stitching(
                    random.nextBoolean(),
                    1 + random.nextInt(76) / 4.0,
                    random.nextBoolean() ? "40 tan" : "",
                    random.nextBoolean() ? "110" : "",
                    2 + random.nextInt(3),
                    random.nextInt(40) / 2.0,
                    random.nextBoolean(),
                    random.nextBoolean() ? "on swatch 3" : "");
            assertThat(Stitching.USUAL.read(so.words()).orThrow()).isEqualTo(so);
            var foam = new Padding(
                    random.nextInt(90),
                    1 + random.nextInt(160) / 2.0,
                    random.nextInt(60) / 100.0,
                    random.nextBoolean(),
                    random.nextInt(50));
            assertThat(Padding.read(foam.words()).orThrow()).isEqualTo(foam);
        }
    }
}
