package welumen.files.pattern;

import java.util.ArrayList;
import java.util.List;
import welumen.files.json.BadFile;
import welumen.files.pattern.DxfBlocks.Entity;
import welumen.shape.Point;

/**
 * How a block is put into a drawing. Where it lies and how it is turned there is the drawing's affair; how large it is, and
 * whether it is mirrored, is the piece's.
 *
 * @param x how many times as wide; below nought where it is mirrored
 * @param y how many times as high
 */
record DxfInsert(String block, double x, double y, int line) {
    private static final double SAME = 1e-9;

    /** As it is drawn. */
    boolean isPlain() {
        return Math.abs(x - 1) < SAME && Math.abs(y - 1) < SAME;
    }

    boolean isAs(DxfInsert other) {
        return Math.abs(x - other.x) < SAME && Math.abs(y - other.y) < SAME;
    }

    private boolean isUniform() {
        return Math.abs(Math.abs(x) - Math.abs(y)) < SAME;
    }

    private boolean isMirrored() {
        return x * y < 0;
    }

    /** @throws BadFile if what is in it cannot be so */
    List<Entity> of(List<Entity> entities) throws BadFile {
        if (isPlain()) return entities;
        var made = new ArrayList<Entity>();
        for (var entity : entities) {
            if (!entity.words().isEmpty() && !(isUniform() && !isMirrored() && Math.abs(x - 1) < SAME))
                throw wrong("and says how its piece is made up, which does not hold then");
            var isRound = entity.radius() > 0;
            if (isRound && !isUniform()) throw wrong("and an arc in it would be none any more");
            made.add(new Entity(
                    entity.kind(),
                    entity.layer(),
                    entity.vertices().stream()
                            .map(at -> new Point(at.x() * x, at.y() * y))
                            .toList(),
                    entity.isClosed(),
                    entity.radius() * Math.abs(x),
                    isMirrored() ? turned(entity.to()) : x < 0 ? entity.from() + 180 : entity.from(),
                    isMirrored() ? turned(entity.from()) : x < 0 ? entity.to() + 180 : entity.to(),
                    entity.words()));
        }
        return made;
    }

    /** Mirrored, an arc runs the other way. */
    private double turned(double degrees) {
        return x < 0 ? 180 - degrees : -degrees;
    }

    private BadFile wrong(String why) {
        return new BadFile(
                "line %d: the block “%s” is put in %s times as wide and %s times as high, %s. Explode it first."
                        .formatted(line, block, x, y, why));
    }
}
