package welumen.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import welumen.cabin.PartId;
import welumen.pattern.PatternChange.ClearanceMeasured;
import welumen.pattern.PatternChange.CutFreed;
import welumen.pattern.PatternChange.CutHeld;
import welumen.pattern.PatternChange.CuttingAllowed;
import welumen.pattern.PatternChange.EdgeFinished;
import welumen.pattern.PatternChange.EdgeLeftLong;
import welumen.pattern.PatternChange.FigureSaid;
import welumen.pattern.PatternChange.LayersSaid;
import welumen.pattern.PatternChange.LessonLearnt;
import welumen.pattern.PatternChange.LessonTaken;
import welumen.pattern.PatternChange.LikenessDropped;
import welumen.pattern.PatternChange.LikenessWanted;
import welumen.pattern.PatternChange.PaddingSaid;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.PieceDropped;
import welumen.pattern.PatternChange.PieceMadeOf;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.PatternChange.SeamTakenApart;
import welumen.pattern.PatternChange.StationMeasured;
import welumen.pattern.PatternChange.TrialNoted;
import welumen.pattern.piece.EdgeIds;
import welumen.pattern.piece.Piece;

/**
 * The pieces of a job, in the order in which they were first drawn, and which edges of theirs are sewn to each other.
 *
 * @param trials in the order in which they were made
 * @param known what was tried, measured and is awaited
 */
public record Patterns(List<Piece> pieces, List<Seam> seams, Known known) {
    public static final Patterns EMPTY = new Patterns(List.of(), List.of(), Known.NOTHING);

    public Patterns {
        pieces = List.copyOf(pieces);
        seams = List.copyOf(seams);
    }

    /** These pieces, with nothing tried and nothing awaited. */
    public static Patterns of(List<Piece> pieces, List<Seam> seams) {
        return new Patterns(pieces, seams, Known.NOTHING);
    }

    /** @throws IllegalStateException if an edge is changed that is not there */
    public Patterns after(PatternChange change) {
        return switch (change) {
            case PieceDrawn(var piece) -> drawn(piece);
            case PieceDropped(var id) -> without(id);
            case SeamJoined(var seam) -> {
                var more = new ArrayList<>(
                        seams.stream().filter(other -> !other.meets(seam)).toList());
                more.add(seam);
                yield sewn(more);
            }
            case SeamTakenApart(var seam) -> sewn(seamsBut(seam::equals));
            case EdgeFinished(var id, var edge, var finish, var allowance) ->
                with(having(id, edge).withEdge(edge, finish, allowance));
            case EdgeLeftLong(var id, var edge, var mm) -> {
                var piece = having(id, edge);
                var edges = new ArrayList<>(piece.edges());
                edges.set(edge, edges.get(edge).leftLong(mm));
                yield with(piece.withEdges(edges));
            }
            case TrialNoted(var trial) -> knowing(known.with(trial));
            case CutHeld(var id, var awaited) -> knowing(known.awaiting(id, awaited));
            case CutFreed(var id) -> knowing(known.awaiting(id, ""));
            case StationMeasured(var id, var station) -> knowing(known.with(id, station));
            case ClearanceMeasured(var clearance) -> knowing(known.with(clearance));
            case PaddingSaid(var id, var padding) -> knowing(known.with(id, padding));
            case LikenessWanted(var likeness) -> knowing(known.with(likeness));
            case LikenessDropped(var what) -> knowing(known.without(what));
            case LessonLearnt(var lesson) -> knowing(known.with(lesson));
            case LessonTaken(var number, var id) -> knowing(known.taken(number, id));
            case LayersSaid(var part, var layers) ->
                knowing(known.with(known.beneath().with(part, layers, of(part))));
            case FigureSaid(var part, var what, var typed) -> knowing(known.with(part, what, typed));
            case CuttingAllowed(var allowed) -> knowing(known.with(allowed));
            case PieceMadeOf(var id, var parents) -> knowing(known.madeOf(id, parents));
        };
    }

    public Optional<Piece> findOne(String id) {
        return pieces.stream().filter(piece -> piece.id().equals(id)).findFirst();
    }

    /** A piece as it is to be drawn into these: each of its edges told apart, those that were there by the number they had. */
    public Piece toldApart(Piece piece) {
        return findOne(piece.id()).map(before -> EdgeIds.told(piece, before)).orElseGet(() -> EdgeIds.told(piece));
    }

    /** A new piece under a name that none has: “cuff (2)” where there is a cuff of its part. */
    public Piece asSecond(Piece fresh) {
        var named = fresh;
        for (var number = 2; findOne(named.id()).isPresent(); number++)
            named = fresh.named("%s (%d)".formatted(fresh.name(), number));
        return named;
    }

    public List<Piece> of(PartId part) {
        return pieces.stream().filter(piece -> piece.part().equals(part)).toList();
    }

    /** The seam in which an edge is sewn, of any copy. */
    public Optional<Seam> seamAt(String piece, int edge) {
        var side = new Seam.Side(piece, edge);
        return seams.stream()
                .filter(seam -> seam.one().isDrawnAs(side) || seam.other().isDrawnAs(side))
                .findFirst();
    }

    private Patterns drawn(Piece piece) {
        var isOtherwise = findOne(piece.id())
                .filter(before -> before.net().equals(piece.net()))
                .isEmpty();
        var next = with(piece);
        return isOtherwise ? next.knowing(known.with(known.beneath().redrawn(piece.id()))) : next;
    }

    /** The pieces of that name on the other side of the car. */
    public List<Piece> fellowsOf(Piece piece) {
        return pieces.stream()
                .filter(other -> !other.id().equals(piece.id())
                        && (!other.part().equals(piece.part()) || !other.name().equals(piece.name()))
                        && sideless(other.name()).equals(sideless(piece.name()))
                        && sideless(other.part().value())
                                .equals(sideless(piece.part().value())))
                .toList();
    }

    private static String sideless(String name) {
        return name.replaceAll("(?i)\\b(left|right)\\b", "").strip();
    }

    private Piece having(String id, int edge) {
        return findOne(id)
                .filter(found -> edge >= 0 && edge < found.edges().size())
                .orElseThrow(
                        () -> new IllegalStateException("There is no edge %d on a piece [%s].".formatted(edge, id)));
    }

    private Patterns with(Piece piece) {
        var more = new ArrayList<>(pieces);
        for (var i = 0; i < more.size(); i++)
            if (more.get(i).id().equals(piece.id())) {
                var left = SeamsKept.on(seams, more.get(i), piece);
                more.set(i, piece);
                return new Patterns(more, left, known);
            }
        more.add(piece);
        return new Patterns(more, seams, known);
    }

    private Patterns without(String id) {
        return new Patterns(
                pieces.stream().filter(piece -> !piece.id().equals(id)).toList(),
                seamsBut(seam -> seam.touches(id)),
                known.awaiting(id, "").madeOf(id, List.of()));
    }

    private Patterns knowing(Known other) {
        return new Patterns(pieces, seams, other);
    }

    private Patterns sewn(List<Seam> others) {
        return new Patterns(pieces, others, known);
    }

    private List<Seam> seamsBut(Predicate<Seam> gone) {
        return seams.stream().filter(gone.negate()).toList();
    }
}
