package welumen.pattern.seam;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.measure.Lengths;
import welumen.measure.Parsed.Understood;
import welumen.pattern.PatternChange;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.PatternChange.SeamTakenApart;
import welumen.pattern.Patterns;
import welumen.pattern.Seam;
import welumen.pattern.Seam.Match;
import welumen.pattern.Seam.Side;
import welumen.pattern.SeamWalk;
import welumen.pattern.piece.EdgeEdit;
import welumen.pattern.piece.Piece;
import welumen.shape.Run;
import welumen.treatment.Matter;

/**
 * What can be done about a seam that does not walk: the notches shifted, the rest eased in, or an edge redrawn.
 *
 * <p>A redrawn edge is found by bisection to 0.001 mm of its wanted length.
 */
public final class Mends {
    /** Share of its length that can be eased into leather; a little more into cloth. */
    private static final double EASE_LEATHER = 0.03;

    private static final double EASE_CLOTH = 0.05;
    private static final int ROUNDS = 30;
    private static final double CLOSE_MM = 1e-3;

    private Mends() {}

    /** The gentlest first; none where the seam walks. */
    public static List<Mend> of(Patterns patterns, Seam seam) {
        var walk = SeamWalk.of(patterns, seam);
        var divergence = Divergence.of(patterns, seam);
        var mends = new ArrayList<Mend>();
        if (divergence.walks()) return mends;
        if (walk.walks()) shifted(patterns, seam, divergence).ifPresent(mends::add);
        eased(patterns, seam, walk).ifPresent(mends::add);
        if (!walk.walks()) {
            redrawn(patterns, seam, seam.other(), -walk.offMm()).ifPresent(mends::add);
            redrawn(patterns, seam, seam.one(), walk.offMm()).ifPresent(mends::add);
        }
        return mends;
    }

    /** Both edges are as long as they should be, but what meets on the way does not. */
    private static Optional<Mend> shifted(Patterns patterns, Seam seam, Divergence divergence) {
        var oneMm = SeamWalk.of(patterns, seam).oneMm();
        var matches = new ArrayList<Match>();
        for (var place : divergence.places().subList(1, divergence.places().size() - 1))
            matches.add(new Match(place.atMm(), place.atMm() * (1 + seam.easeMm() / oneMm)));
        var worst = divergence.worst();
        try {
            return Optional.of(new Mend(
                    "Shift the notches",
                    "Those of the other edge by up to %s, so that the same lengths meet."
                            .formatted(Lengths.said(Math.abs(worst.offMm()))),
                    List.of(new SeamTakenApart(seam), new SeamJoined(seam.matched(matches)))));
        } catch (IllegalArgumentException crossing) {
            return Optional.empty();
        }
    }

    /** The difference is wanted from now on, spread over the whole seam, if the material takes it. */
    private static Optional<Mend> eased(Patterns patterns, Seam seam, SeamWalk walk) {
        var ease = walk.otherMm() - walk.oneMm();
        var longer = ease >= 0 ? seam.other() : seam.one();
        var matter = patterns.findOne(longer.piece())
                .flatMap(piece -> Matter.of(piece.material()))
                .orElse(Matter.LEATHER); // which takes the least
        var most = matter == Matter.LEATHER || matter == Matter.VINYL ? EASE_LEATHER : EASE_CLOTH;
        var share = Math.abs(ease) / Math.min(walk.oneMm(), walk.otherMm());
        if (Math.abs(walk.offMm()) <= walk.toleranceMm() || share > most) return Optional.empty();
        var turned = ease >= 0 ? seam.eased(ease) : new Seam(seam.other(), seam.one(), -ease, seam.isTopstitched());
        return Optional.of(new Mend(
                "Spread it over the seam",
                "%s are eased in, %.1f %% of its length; %s takes up to %.0f %%."
                        .formatted(Lengths.said(Math.abs(ease)), share * 100, matter.word(), most * 100),
                List.of(new SeamTakenApart(seam), new SeamJoined(turned))));
    }

    /** One edge drawn longer or shorter at its end, where it meets the next. */
    private static Optional<Mend> redrawn(Patterns patterns, Seam seam, Side side, double byMm) {
        var piece = patterns.findOne(side.piece()).orElseThrow();
        return lengthened(piece, side.edge(), byMm)
                .map(drawn -> new Mend(
                        "Redraw the %s".formatted(piece.name()),
                        "Its edge %s gets %s %s at its end; what it meets there follows."
                                .formatted(
                                        piece.edgeWord(side.edge()),
                                        Lengths.said(Math.abs(byMm)),
                                        byMm > 0 ? "longer" : "shorter"),
                        List.<PatternChange>of(new PieceDrawn(drawn))));
    }

    /** The corner at its end slides along the edge's last way until the edge is as long as it should be. */
    static Optional<Piece> lengthened(Piece piece, int edge, double byMm) {
        var run = new Run(piece.run(edge));
        var wanted = run.lengthMm() + byMm;
        if (wanted <= run.lengthMm() / 2) return Optional.empty();
        var next = (edge + 1) % piece.edges().size();
        var end = run.points().getLast();
        var before = run.at(Math.max(0, run.lengthMm() - Math.max(1, run.lengthMm() / 50)));
        var way = end.minus(before).times(1 / before.to(end));
        var slide = byMm;
        for (var round = 0; round < ROUNDS; round++) {
            if (!(EdgeEdit.cornerMoved(piece, next, end.plus(way.times(slide)))
                    instanceof Understood<Piece>(var drawn))) return Optional.empty();
            var off = wanted - drawn.lengthMm(edge);
            if (Math.abs(off) < CLOSE_MM) return Optional.of(drawn);
            slide += off;
        }
        return Optional.empty();
    }
}
