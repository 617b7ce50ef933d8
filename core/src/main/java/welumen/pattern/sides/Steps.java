package welumen.pattern.sides;

import java.util.Locale;
import java.util.regex.Pattern;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.pattern.piece.Piercing.Made;

/** What a lesson says of the order of the work, as far as it changes how a piece is made. */
final class Steps {
    private static final Pattern HOLE = Pattern.compile(
            "(?:punch|drill|cut|make|melt|slit)\\s+(?:the\\s+)?(?<what>.+?)(?:\\s+holes?)?\\s+(?<when>in the car"
                    + "|after .*\\b(?:laying|laid|fitting|fitted|in)|on the bench|before .*\\b(?:laying|laid|fitting|fitted|in))");

    private Steps() {}

    /** The piece with its holes made where the lesson says: “punch the rail hole after laying” is in the car. */
    static Piece holesMade(Piece piece, String order) {
        var made = piece;
        for (var step : order.toLowerCase(Locale.ROOT).split("\\s*[,;]\\s*")) {
            var hole = HOLE.matcher(step);
            if (hole.matches()) made = made(made, hole.group("what"), where(hole.group("when")));
        }
        return made;
    }

    private static Made where(String when) {
        return when.startsWith("after") || when.equals("in the car") ? Made.IN_THE_CAR : Made.ON_THE_BENCH;
    }

    private static Piece made(Piece piece, String what, Made where) {
        return piece.with(piece.inside()
                .piercedBy(piece.inside().piercings().stream()
                        .map(hole -> hole.what().toLowerCase(Locale.ROOT).contains(what)
                                ? new Piercing(
                                        hole.what(), hole.kind(), hole.at(), hole.sizeMm(), hole.degrees(), where)
                                : hole)
                        .toList()));
    }
}
