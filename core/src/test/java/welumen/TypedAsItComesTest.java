package welumen;

import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import welumen.cabin.PartId;
import welumen.cut.hide.MarkText;
import welumen.cut.hide.StockText;
import welumen.cut.leather.StripTestText;
import welumen.measure.OtherUnits;
import welumen.measure.Parsed;
import welumen.pattern.Clearance;
import welumen.pattern.LikenessText;
import welumen.pattern.Padding;
import welumen.pattern.Patterns;
import welumen.pattern.SideStation;
import welumen.pattern.Stitching;
import welumen.pattern.draft.DraftText;
import welumen.pattern.draft.EditText;
import welumen.pattern.layer.BendText;
import welumen.pattern.layer.BuildUp;
import welumen.pattern.sides.LessonText;
import welumen.shape.Point;

/** A line is read while it is typed: each beginning of one is understood or refused in words, and nothing is thrown. */
class TypedAsItComesTest {
    private static final PartId PART = new PartId("console");
    private static final Map<String, Function<String, Parsed<?>>> READERS = readers();

    private static Map<String, Function<String, Parsed<?>>> readers() {
        var piece = DraftText.read("panel 400 x 300", PART, "hide").orThrow().piece();
        var roll = StockText.read("roll 1, 1400 wide, 12 m long", "cloth").orThrow();
        var readers = new LinkedHashMap<String, Function<String, Parsed<?>>>();
        for (var line : List.of(
                "outer bolster 520 x 610, top 480",
                "headrest 280 x 160, rise 25",
                "board 400 x 300, corners 30",
                "cap oval 300 x 180",
                "side panel AB 420, BC 310, CD 400 bow 12, DA 305, AC 520"))
            readers.put(line, text -> DraftText.read(text, PART, "hide"));
        for (var line : List.of(
                "bow in 12",
                "out 5",
                "fuller 40 through",
                "split at 150",
                "notch 40 x 25 at 150",
                "cut from 150 to edge 3 at 200",
                "cross slit 24 at 40, 60 turned 45 in the car for the lever",
                "free 60 x 40 at 100, 80 for the lever",
                "open 60 x 40 at 100, 80",
                "left long 30",
                "stretch 90")) readers.put(line, text -> EditText.read(text, Patterns.EMPTY, piece, 0));
        readers.put("20 mm, 35 kg/m3, pressed 15 %, glued, feathered 40", Padding::read);
        readers.put("5 mm stitch, thread 40 tan, needle 110, 2 rows 6 mm apart, by hand", Stitching.USUAL::read);
        readers.put("dash to sill 412 / 380, because the duct comes down there", SideStation::read);
        readers.put("AB 6 longer, took 95 min, glue the sill first", text -> LessonText.read(text, piece));
        readers.put("panel height 310 : 620, ours 305 : 640, within 3 %", LikenessText::read);
        readers.put("waist line 412 rising 2, over 8, 415 rising 2", LikenessText::read);
        readers.put("2 mm + 16 mm crushed 30 %", BuildUp::read);
        readers.put("4 sharp hollows, 2 ridges", BendText::read);
        readers.put("handbrake lever 22 free, 15 needed, 6 taken", text -> Clearance.read(text, 3, List.of(PART)));
        readers.put(
                "roll 1, 1400 wide, 12 m long, cost 42, repeat 75, selvedge 15", text -> StockText.read(text, "cloth"));
        readers.put(
                "hide 3, 52 sq ft, lot 27B, 1.2 mm thick, cost 310, from Fell and Daughter",
                text -> StockText.read(text, "hide"));
        readers.put("flaw 60 x 1300 at 1200, 700", text -> MarkText.read(text, roll, new Point(0, 0)));
        readers.put(
                "damp, marks 200, along 196.5, across 197, rested 12 h, tools darker",
                text -> StripTestText.read(text, "hide", ""));
        readers.put("18 gauge", OtherUnits::read);
        return readers;
    }

    static Stream<String> lines() {
        return READERS.keySet().stream();
    }

    @ParameterizedTest
    @MethodSource("lines")
    void everyBeginningIsReadOrRefused(String line) {
        for (var end = 1; end <= line.length(); end++) {
            var begun = line.substring(0, end);
            assertThatCode(() -> READERS.get(line).apply(begun)).as(begun).doesNotThrowAnyException();
        }
    }
}
