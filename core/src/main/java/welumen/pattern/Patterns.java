package welumen.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import welumen.cabin.PartId;
import welumen.pattern.PatternChange.EdgeFinished;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.PatternChange.SeamTakenApart;

/** The pieces of a job, in the order in which they were first drawn, and which edges of theirs are sewn to each other. */
public record Patterns(List<Piece> pieces, List<Seam> seams) {
    public static final Patterns EMPTY = new Patterns(List.of(), List.of());

    public Patterns {
        pieces = List.copyOf(pieces);
        seams = List.copyOf(seams);
    }

    /** @throws IllegalStateException if an edge is finished that is not there */
    public Patterns after(PatternChange change) {
        return switch (change) {
            case PieceDrawn(var piece) -> with(piece);
            case SeamJoined(var seam) ->
                new Patterns(
                        pieces,
                        Stream.concat(seams.stream().filter(other -> !other.meets(seam)), Stream.of(seam))
                                .toList());
            case SeamTakenApart(var seam) ->
                new Patterns(
                        pieces,
                        seams.stream().filter(other -> !other.equals(seam)).toList());
            case EdgeFinished(var id, var edge, var finish, var allowance) -> {
                var piece = findOne(id)
                        .filter(found -> edge >= 0 && edge < found.edges().size());
                yield with(piece.orElseThrow(() ->
                                new IllegalStateException("There is no edge %d on a piece [%s].".formatted(edge, id)))
                        .withEdge(edge, finish, allowance));
            }
        };
    }

    public Optional<Piece> findOne(String id) {
        return pieces.stream().filter(piece -> piece.id().equals(id)).findFirst();
    }

    public List<Piece> of(PartId part) {
        return pieces.stream().filter(piece -> piece.part().equals(part)).toList();
    }

    private Patterns with(Piece piece) {
        var more = new ArrayList<>(pieces);
        for (var i = 0; i < more.size(); i++)
            if (more.get(i).id().equals(piece.id())) {
                var isRedrawn = more.get(i).edges().size() != piece.edges().size();
                more.set(i, piece);
                return new Patterns(more, isRedrawn ? without(piece.id()) : seams);
            }
        more.add(piece);
        return new Patterns(more, seams);
    }

    /** Its edges are other ones now, so that nobody knows which of them is meant. */
    private List<Seam> without(String piece) {
        return seams.stream().filter(seam -> !seam.touches(piece)).toList();
    }
}
