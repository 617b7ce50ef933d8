package welumen.files.nest;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.function.Function;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.Turns;
import welumen.cut.stock.GradeZone;
import welumen.cut.stock.Lot;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.files.json.BadFile;
import welumen.files.json.JsonPlace;
import welumen.files.outline.PointRing;
import welumen.shape.Planar;
import welumen.shape.Pose;
import welumen.shape.Shape;

/** Reads {@code welumen-cut-problem/1}. Members that it does not know are passed over. */
public final class ProblemReader {
    public static final String FORMAT = "welumen-cut-problem/1";

    private ProblemReader() {}

    /** @throws BadFile naming the place of the first thing that is wrong */
    public static CutProblem read(String text) throws BadFile {
        var file = JsonPlace.of(text);
        var format = file.at("format").text();
        if (!format.equals(FORMAT)) throw file.at("format").wrong("is “%s”, not “%s”.".formatted(format, FORMAT));
        var pieces = each(file.at("pieces").items(), ProblemReader::piece);
        var stock = each(file.at("stock").items(), ProblemReader::stock);
        unique(file.at("pieces").items(), pieces, CutPiece::id);
        unique(file.at("stock").items(), stock, Stock::id);
        var pinned = new ArrayList<Placement>();
        for (var place : file.items("pinned")) pinned.add(pinned(place, pieces, stock));
        var gap = file.amount("gap", 0);
        if (gap > 1000) throw file.at("gap").wrong("is %s; it is at most 1000 mm.".formatted(gap));
        return new CutProblem(gap, pieces, stock, pinned);
    }

    private interface Reader<T> {
        T read(JsonPlace place) throws BadFile;
    }

    private static <T> List<T> each(List<JsonPlace> places, Reader<T> reader) throws BadFile {
        var all = new ArrayList<T>();
        for (var place : places) all.add(reader.read(place));
        return all;
    }

    private static <T> void unique(List<JsonPlace> places, List<T> all, Function<T, String> id) throws BadFile {
        var seen = new HashSet<String>();
        for (var i = 0; i < all.size(); i++)
            if (!seen.add(id.apply(all.get(i))))
                throw places.get(i).at("id").wrong("“%s” stands there twice.".formatted(id.apply(all.get(i))));
    }

    private static CutPiece piece(JsonPlace place) throws BadFile {
        var shape = shape(place);
        var fault = Planar.fault(shape);
        if (fault.isPresent()) throw place.wrong(fault.get() + ".");
        return new CutPiece(
                place.name("id"),
                shape,
                place.whole("quantity", 0, 10_000, 1),
                place.text("material", ""),
                place.has("turn") ? turns(place.at("turn")) : new Turns.Free(),
                place.yes("flip", false),
                place.whole("grade", 1, 4, 4),
                stretch(place),
                place.text("pair", ""));
    }

    private static Turns turns(JsonPlace place) throws BadFile {
        if (place.isList()) {
            var angles = each(place.items(), JsonPlace::number);
            if (angles.isEmpty()) throw place.wrong("lists no angle.");
            return new Turns.Listed(angles);
        }
        return switch (place.text()) {
            case "free" -> new Turns.Free();
            case "half" -> new Turns.Half();
            case "none" -> new Turns.AsDrawn();
            default ->
                throw place.wrong("is “%s”; it is “free”, “half”, “none” or a list of angles.".formatted(place.text()));
        };
    }

    private static Stretch stretch(JsonPlace place) throws BadFile {
        if (!place.has("stretch")) return new Stretch.Any();
        return new Stretch.Along(place.at("stretch").number(), place.amount("stretchWithin", 20));
    }

    private static Stock stock(JsonPlace place) throws BadFile {
        var kind = place.at("kind").text();
        return switch (kind) {
            case "hide" -> hide(place);
            case "roll" -> roll(place);
            default -> throw place.at("kind").wrong("is “%s”; it is “hide” or “roll”.".formatted(kind));
        };
    }

    private static Stock hide(JsonPlace place) throws BadFile {
        return new Stock.Hide(
                place.name("id"),
                place.text("material", ""),
                shape(place),
                place.whole("grade", 1, 4, 1),
                each(place.items("zones"), ProblemReader::zone),
                stretch(place),
                place.amount("cost", 0));
    }

    private static Stock roll(JsonPlace place) throws BadFile {
        var repeat = each(place.items("repeat"), JsonPlace::number);
        if (repeat.size() == 1 || repeat.size() > 2 || repeat.stream().anyMatch(length -> length < 0))
            throw place.at("repeat").wrong("is not two lengths of nought or more.");
        var width = side(place, "width");
        var selvedge = place.amount("selvedge", 0);
        if (2 * selvedge >= width)
            throw place.at("selvedge").wrong("is %s on either side, of a width of %s.".formatted(selvedge, width));
        return new Stock.Roll(
                place.name("id"),
                place.text("material", ""),
                Lot.UNKNOWN,
                width,
                side(place, "length"),
                place.amount("costPerMetre", 0),
                repeat.isEmpty() ? 0 : repeat.getFirst(),
                repeat.isEmpty() ? 0 : repeat.getLast(),
                selvedge,
                each(place.items("holes"), PointRing::read));
    }

    private static double side(JsonPlace place, String name) throws BadFile {
        var side = place.at(name).number();
        if (side <= 0) throw place.at(name).wrong("is %s, not above nought.".formatted(side));
        return side;
    }

    private static GradeZone zone(JsonPlace place) throws BadFile {
        place.at("grade");
        return new GradeZone(place.whole("grade", 1, 4, 1), PointRing.read(place.at("outline")));
    }

    private static Shape shape(JsonPlace place) throws BadFile {
        return new Shape(PointRing.read(place.at("outline")), each(place.items("holes"), PointRing::read));
    }

    private static Placement pinned(JsonPlace place, List<CutPiece> pieces, List<Stock> stock) throws BadFile {
        var id = place.name("piece");
        var piece = pieces.stream().filter(one -> one.id().equals(id)).findFirst();
        if (piece.isEmpty()) throw place.at("piece").wrong("“%s” is none of the pieces.".formatted(id));
        var on = place.name("stock");
        if (stock.stream().noneMatch(one -> one.id().equals(on)))
            throw place.at("stock").wrong("“%s” is none of the stock.".formatted(on));
        var copy = place.whole("copy", 1, Math.max(1, piece.get().quantity()), 1);
        var pose = new Pose(
                place.at("x").number(), place.at("y").number(), place.number("turn", 0), place.yes("flipped", false));
        return new Placement(id, copy, on, pose);
    }
}
