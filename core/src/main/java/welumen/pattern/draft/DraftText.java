package welumen.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import welumen.cabin.PartId;
import welumen.measure.Length;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.measure.Size;
import welumen.pattern.draft.Card.Measure;
import welumen.pattern.outside.SoundOutline;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeCurve;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Makeup;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;

/**
 * Draws a piece from one typed line: its name, and what it is like. Lengths as {@link Length} reads them; sewn all round.
 *
 * <ul>
 *   <li>{@code outer bolster 520 x 610, top 480}: width by height, and the width at the top where it tapers
 *   <li>{@code headrest 280 x 160, rise 25}: its back edge an arc
 *   <li>{@code board 400 x 300, corners 30}: with round corners
 *   <li>{@code speaker pad round 165}, {@code cap oval 300 x 180}
 *   <li>{@code kick panel AB 420, BC 310, CD 400, DA 305, AC 520}: sides and diagonals of a card; {@code CD 400 bow 12}
 *       for a side that bows out
 * </ul>
 */
public final class DraftText {
    private static final Pattern SIZES = Pattern.compile(
            "(?<name>\\D[^\\d]*?)\\s+(?<oval>oval\\s+)?(?<wide>\\d[^x×]*?)\\s*(?:x|×|\\bby\\b)\\s*(?<high>\\d[^,]*?)"
                    + "(?:\\s*,\\s*(?<more>top|rise|corners)\\s+(?<much>\\d.*))?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern ROUND =
            Pattern.compile("(?<name>\\D[^\\d]*?)\\s+round\\s+(?<wide>\\d.*)", Pattern.CASE_INSENSITIVE);
    private static final Pattern MEASURED =
            Pattern.compile("(?<name>\\D[^\\d]*?)[\\s:]+(?<measures>[A-Z]{2}\\s+\\d.*)");
    private static final Pattern MEASURE =
            Pattern.compile("(?<ends>[A-Z]{2})\\s+(?<mm>[^,]*?)(?:\\s+bow\\s+(?<bow>-?[^,]+))?");

    private static String example() {
        return Lengths.example(
                "Type it as outer bolster 520 x 610, top 480, or as kick panel AB 420, BC 310, CA 505.",
                "Type it as outer bolster 20 1/2 x 24, top 19, or as kick panel AB 16 1/2, BC 12 1/4, CA 20.");
    }

    private DraftText() {}

    /**
     * What was drawn.
     *
     * @param card how well its measures agree, where it was measured corner by corner
     */
    public record Drawn(Piece piece, Optional<Card> card) {}

    /** A piece of leather that lies on nothing. */
    public static Parsed<Drawn> read(String typed, PartId part, String material) {
        return read(typed, part, Makeup.plain(material));
    }

    /** The piece for a part, made up so; refused with what is wrong and an example. */
    public static Parsed<Drawn> read(String typed, PartId part, Makeup makeup) {
        var line = typed.strip();
        var measured = MEASURED.matcher(line);
        if (measured.matches()) return measured(measured, part, makeup);
        var round = ROUND.matcher(line);
        if (round.matches())
            return Length.parse(round.group("wide"))
                    .flatMap(wide ->
                            drawn(round.group("name"), part, makeup, Shapes.oval(sound(wide), sound(wide)), wide));
        var sizes = SIZES.matcher(line);
        if (!sizes.matches())
            return new Refused<>("“%s” does not say a name and two sizes. %s".formatted(line, example()));
        return Size.of(sizes.group("wide"), sizes.group("high"))
                .flatMap(size -> sized(sizes, part, makeup, Length.ofMm(size.oneMm()), Length.ofMm(size.otherMm())));
    }

    private static Parsed<Drawn> sized(Matcher sizes, PartId part, Makeup makeup, Length wide, Length high) {
        var name = sizes.group("name");
        if (sizes.group("oval") != null)
            return drawn(name, part, makeup, Shapes.oval(sound(wide), sound(high)), wide, high);
        if (sizes.group("more") == null)
            return drawn(name, part, makeup, Shapes.tapered(wide.mm(), high.mm(), wide.mm()), wide, high);
        return Length.parse(sizes.group("much"))
                .flatMap(much -> drawn(
                        name,
                        part,
                        makeup,
                        switch (sizes.group("more").toLowerCase(Locale.ROOT)) {
                            case "top" -> Shapes.tapered(wide.mm(), high.mm(), much.mm());
                            case "rise" -> Shapes.arch(sound(wide), sound(high), sound(much));
                            default -> Shapes.rounded(sound(wide), sound(high), sound(much));
                        },
                        wide,
                        high,
                        much));
    }

    /** A shape can be reckoned with it, even if it is refused afterwards. */
    private static double sound(Length length) {
        return Math.max(1, length.mm());
    }

    private static Parsed<Drawn> drawn(String name, PartId part, Makeup makeup, List<Edge> edges, Length... sizes) {
        for (var size : sizes)
            if (size.mm() < 1) return new Refused<>("“%s” has a side under 1 mm. Check its sizes.".formatted(name));
        return piece(name, part, makeup, edges).map(piece -> new Drawn(piece, Optional.empty()));
    }

    private static Parsed<Piece> piece(String name, PartId part, Makeup makeup, List<Edge> edges) {
        try {
            return SoundOutline.of(new Piece(
                    Piece.idOf(part, name),
                    part,
                    name,
                    makeup.material(),
                    Pairing.ONE,
                    makeup.grade(),
                    makeup.grain(),
                    makeup.under(),
                    makeup.isFrontUp() ? Shapes.frontUp(edges) : edges));
        } catch (IllegalArgumentException noPiece) {
            return new Refused<>("These sizes make no piece: " + noPiece.getMessage());
        }
    }

    private static Parsed<Drawn> measured(Matcher line, PartId part, Makeup makeup) {
        var measures = new ArrayList<Measure>();
        var bows = new ArrayList<Bow>();
        for (var text : line.group("measures").split("\\s*,\\s*")) {
            var one = MEASURE.matcher(text.strip());
            if (!one.matches()) return new Refused<>("“%s” is no side or diagonal. Type it as AB 420.".formatted(text));
            var ends = one.group("ends");
            switch (Length.parse(one.group("mm"))) {
                case Refused<Length>(var why) -> {
                    return new Refused<>(why);
                }
                case Understood<Length>(var length) -> {
                    if (ends.charAt(0) == ends.charAt(1) || length.mm() < 1)
                        return new Refused<>("“%s” is no side or diagonal. Type it as AB 420.".formatted(text));
                    measures.add(new Measure(ends.charAt(0), ends.charAt(1), length.mm()));
                }
            }
            if (one.group("bow") == null) continue;
            var isIn = one.group("bow").startsWith("-");
            switch (Length.parse(one.group("bow").replaceFirst("^-", ""))) {
                case Refused<Length>(var why) -> {
                    return new Refused<>(why);
                }
                case Understood<Length>(var length) ->
                    bows.add(new Bow(ends.charAt(0), ends.charAt(1), isIn ? -length.mm() : length.mm()));
            }
        }
        return Card.of(measures).flatMap(card -> drawn(card, line.group("name"), part, makeup, bows));
    }

    /** A side that stands off the straight line between its corners. */
    private record Bow(char from, char to, double mm) {}

    private static Parsed<Drawn> drawn(Card card, String name, PartId part, Makeup makeup, List<Bow> bows) {
        var edges = new ArrayList<Edge>();
        var count = card.corners().size();
        for (var i = 0; i < count; i++) {
            var from = (char) ('A' + i);
            var to = (char) ('A' + (i + 1) % count);
            edges.add(new Edge(
                    "" + from + to, List.of(card.corners().get(i)), EdgeFinish.SEWN, EdgeFinish.SEWN.allowanceMm()));
        }
        var piece = piece(name, part, makeup, edges);
        for (var bow : bows) {
            var edge = sideOf(bow, count);
            if (edge < 0)
                return new Refused<>("%s%s is a diagonal, which does not bow.".formatted(bow.from(), bow.to()));
            piece = piece.flatMap(drawn -> EdgeCurve.bowed(drawn, edge, bow.mm()));
        }
        return piece.map(drawn -> new Drawn(drawn, Optional.of(card)));
    }

    private static int sideOf(Bow bow, int count) {
        var one = bow.from() - 'A';
        var other = bow.to() - 'A';
        if ((one + 1) % count == other) return one;
        return (other + 1) % count == one ? other : -1;
    }
}
