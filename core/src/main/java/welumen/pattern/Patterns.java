package welumen.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.cabin.PartId;
import welumen.pattern.PatternChange.EdgeFinished;
import welumen.pattern.PatternChange.PieceDrawn;

/** The pieces of a job, in the order in which they were first drawn. */
public record Patterns(List<Piece> pieces) {
    public static final Patterns EMPTY = new Patterns(List.of());

    public Patterns {
        pieces = List.copyOf(pieces);
    }

    /** @throws IllegalStateException if an edge is finished that is not there */
    public Patterns after(PatternChange change) {
        return switch (change) {
            case PieceDrawn(var piece) -> with(piece);
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
                more.set(i, piece);
                return new Patterns(more);
            }
        more.add(piece);
        return new Patterns(more);
    }
}
