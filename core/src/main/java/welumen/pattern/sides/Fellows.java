package welumen.pattern.sides;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import welumen.cabin.Cabin;
import welumen.pattern.Patterns;
import welumen.pattern.piece.Piece;
import welumen.strip.reach.OtherSide;

/** Which piece of the other side is a piece's fellow. */
public final class Fellows {
    private Fellows() {}

    /** Of the part on the other side, the piece that is called most like this one. */
    public static Optional<Piece> of(Piece piece, Patterns patterns, Cabin cabin) {
        var own = List.of(piece.name().split("[ ,]+"));
        return cabin.findOne(piece.part()).flatMap(part -> OtherSide.of(cabin, part)).stream()
                .flatMap(there -> patterns.of(there.id()).stream())
                .max(Comparator.comparingLong(other -> Stream.of(other.name().split("[ ,]+"))
                        .filter(own::contains)
                        .count()));
    }
}
