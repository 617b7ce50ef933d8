package welumen.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import welumen.measure.Because;
import welumen.measure.Length;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/**
 * How a seam is sewn.
 *
 * @param isByHand where no machine reaches
 * @param stitchMm how long a stitch is
 * @param thread its size and colour; empty where nobody has said
 * @param needle its size; empty where nobody has said
 * @param rows how many rows lie beside each other
 * @param apartMm how far they lie from each other, or one from the edge
 * @param isSunk whether the stitches are drawn into a groove
 * @param tested the piece on which it was tried, or what was found; empty where it was not
 */
public record Stitching(
        boolean isByHand,
        double stitchMm,
        String thread,
        String needle,
        int rows,
        double apartMm,
        boolean isSunk,
        String tested) {
    /** Stitching of most trim. */
    public static final Stitching USUAL = new Stitching(false, 4, "", "", 1, 5, false, "");

    private static final double LONGEST_MM = 20;
    private static final int MOST_ROWS = 4;
    private static final Pattern STITCH = Pattern.compile("(?<mm>\\d.*?)\\s+stitch(?:es)?");
    private static final Pattern ROWS = Pattern.compile("(?<rows>\\d)\\s+rows?(?:\\s+(?<mm>\\d.*?)\\s+apart)?");
    private static final String EXAMPLE =
            "Type it as 5 mm stitch, thread 40 tan, needle 110, 2 rows 6 mm apart, by hand, sunk, tested on swatch 3.";

    /** @throws IllegalArgumentException if a stitch is not up to 20 mm, or there are no rows, or more than four */
    public Stitching {
        if (!(stitchMm > 0 && stitchMm <= LONGEST_MM))
            throw new IllegalArgumentException("A stitch of [%s mm] is not up to 20 mm long.".formatted(stitchMm));
        if (rows < 1 || rows > MOST_ROWS || !(apartMm >= 0 && apartMm <= 100))
            throw new IllegalArgumentException("[%d] rows, [%s mm] apart, are none.".formatted(rows, apartMm));
    }

    /** Reads what was typed, in any order, between commas; what is not said stays as it was. */
    public Parsed<Stitching> read(String typed) {
        Parsed<Stitching> read = new Understood<>(this);
        for (var part : typed.strip().split("\\s*,\\s*")) read = read.flatMap(so -> so.with(part.strip()));
        return read;
    }

    private Parsed<Stitching> with(String part) {
        var stitch = STITCH.matcher(part);
        var row = ROWS.matcher(part);
        try {
            if (stitch.matches())
                return Length.parse(stitch.group("mm"))
                        .map(mm -> new Stitching(isByHand, mm.mm(), thread, needle, rows, apartMm, isSunk, tested));
            if (row.matches()) {
                var count = Integer.parseInt(row.group("rows"));
                var apart = row.group("mm") == null ? "%s mm".formatted(apartMm) : row.group("mm");
                return Length.parse(apart)
                        .map(mm -> new Stitching(isByHand, stitchMm, thread, needle, count, mm.mm(), isSunk, tested));
            }
        } catch (IllegalArgumentException wrong) {
            return new Refused<>(Because.of(wrong));
        }
        return worded(part);
    }

    private Parsed<Stitching> worded(String part) {
        var words = part.split("\\s+", 2);
        var rest = words.length < 2 ? "" : words[1];
        return switch (words[0]) {
            case "thread" -> so(isByHand, rest, needle, isSunk, tested);
            case "needle" -> so(isByHand, thread, rest, isSunk, tested);
            case "tested" -> so(isByHand, thread, needle, isSunk, rest);
            case "sunk" -> so(isByHand, thread, needle, true, tested);
            case "flush" -> so(isByHand, thread, needle, false, tested);
            case "by" -> so(rest.equals("hand"), thread, needle, isSunk, tested);
            default -> new Refused<>("“%s” says nothing about a seam. %s".formatted(part, EXAMPLE));
        };
    }

    private Parsed<Stitching> so(boolean hand, String newThread, String newNeedle, boolean sunk, String newTested) {
        return new Understood<>(new Stitching(hand, stitchMm, newThread, newNeedle, rows, apartMm, sunk, newTested));
    }

    /** As it is typed. */
    public String words() {
        var words = new ArrayList<String>();
        words.add("%s mm stitch".formatted(plain(stitchMm)));
        if (!thread.isEmpty()) words.add("thread " + thread);
        if (!needle.isEmpty()) words.add("needle " + needle);
        if (rows > 1) words.add("%d rows %s mm apart".formatted(rows, plain(apartMm)));
        if (isByHand) words.add("by hand");
        if (isSunk) words.add("sunk");
        if (!tested.isEmpty()) words.add("tested " + tested);
        return String.join(", ", words);
    }

    /** What has not been said yet, but is wanted at the machine. */
    public List<String> wanted() {
        var wanted = new ArrayList<String>();
        if (thread.isEmpty()) wanted.add("thread");
        if (needle.isEmpty()) wanted.add("needle");
        if (tested.isEmpty()) wanted.add("a test piece");
        return List.copyOf(wanted);
    }

    private static String plain(double mm) {
        return mm == Math.rint(mm) ? "%.0f".formatted(mm) : Double.toString(mm);
    }
}
