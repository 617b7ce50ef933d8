package welumen.desktop.pattern;

import java.util.Optional;
import welumen.desktop.look.Words;
import welumen.measure.Lengths;
import welumen.pattern.Patterns;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface;
import welumen.pattern.surface.Blank;
import welumen.pattern.surface.Perforation;
import welumen.pattern.surface.Pleats;
import welumen.pattern.surface.Quilting;
import welumen.pattern.surface.SewnLines;
import welumen.pattern.surface.StitchWork;
import welumen.stores.SewnRows;

/** What is said of flutes, pleats, diamonds and rows of holes, and of the blank and the work they want. */
final class QuiltingWords {
    private QuiltingWords() {}

    /** What is sewn in, and how much the cloth is taken up. */
    static String said(Piece piece) {
        var lines = SewnLines.of(piece);
        return switch (piece.inside().surface()) {
            case Surface.Plain() -> "Nothing is sewn into the %s.".formatted(piece.name());
            case Surface.Perforated wanted -> perforated(piece, Perforation.of(piece, wanted));
            case Surface.Pleated pleated -> pleated(Blank.pleats(piece, pleated));
            case Surface.Fluted fluted ->
                "%d flutes of %s, all whole; take-up %.3f."
                        .formatted(lines.count(), Lengths.said(lines.widthMm()), fluted.takeUp());
            case Surface.Quilted quilted ->
                "Diamonds %s wide and %s high%s; rows cross %d times; take-up %.3f and %.3f (%.3f by area)."
                        .formatted(
                                Lengths.said(quilted.wideMm()),
                                Lengths.said(quilted.highMm()),
                                across(piece, quilted),
                                lines.crossings(),
                                quilted.takeUpWide(),
                                quilted.takeUpHigh(),
                                quilted.takeUpWide() * quilted.takeUpHigh());
        };
    }

    private static String across(Piece piece, Surface.Quilted quilted) {
        var across = Quilting.across(piece, quilted);
        return across.isEmpty()
                ? ""
                : ", %d across, every other row %d and two halves".formatted(across.getAsInt(), across.getAsInt() - 1);
    }

    private static String pleated(Pleats pleats) {
        return "%s of %s, folded %s under %s: %s more cloth across. Chalk %s, then twice %s, and so on; press, and catch both ends."
                .formatted(
                        Words.many(pleats.count(), "pleat"),
                        Lengths.said(pleats.widthMm()),
                        Lengths.said(pleats.foldMm()),
                        Words.many(pleats.folds(), "time"),
                        Lengths.near(pleats.extraMm()),
                        Lengths.said(pleats.widthMm()),
                        Lengths.said(pleats.foldMm()));
    }

    private static String perforated(Piece piece, Perforation holes) {
        return "%d holes of %s, %s clear at both ends and %s above and below, none within %s of a seam; %.1f %% open."
                .formatted(
                        holes.holes().size(),
                        Lengths.said(holes.holeMm()),
                        Lengths.said(holes.endMm()),
                        Lengths.said(holes.acrossMm()),
                        Lengths.said(holes.holeMm()),
                        holes.open(piece) * 100);
    }

    /** The blank that is cut first; empty where nothing takes the cloth up. */
    static Optional<String> blank(Piece piece) {
        if (SewnLines.of(piece).rows().isEmpty()) return Optional.empty();
        var box = Blank.of(piece).box();
        var then = piece.inside().surface() instanceof Surface.Pleated ? "fold and press" : "sew";
        return Optional.of("Cut the blank %s by %s%s; %s it, and mark the piece on it afterwards."
                .formatted(Lengths.near(box.width()), Lengths.near(box.height()), chalked(piece), then));
    }

    /** To a hundredth: over a row of ten what is rounded adds up. */
    private static String chalked(Piece piece) {
        return piece.inside().surface() instanceof Surface.Quilted quilted
                ? "; chalk the diamonds %.2f mm wide and %.2f mm high on it"
                        .formatted(quilted.wideMm() * quilted.takeUpWide(), quilted.highMm() * quilted.takeUpHigh())
                : "";
    }

    /** Rows, thread and minutes; empty where nothing is sewn. */
    static Optional<String> work(Piece piece, Patterns patterns) {
        var lines = SewnLines.of(piece);
        if (lines.rows().isEmpty() || piece.inside().surface() instanceof Surface.Pleated) return Optional.empty();
        var stitch = SewnRows.quilted(patterns, piece);
        var work = StitchWork.of(lines, stitch);
        return Optional.of("%s, %.1f m sewn at %s a stitch: %d stitches, %.0f m of thread, %.0f min."
                .formatted(
                        Words.many(lines.rows().size(), "row"),
                        work.lengthMm() / 1000,
                        Lengths.near(stitch.stitchMm()),
                        work.stitches(),
                        work.threadMm() / 1000,
                        work.minutes()));
    }

    /** Where rows end in the open. */
    static Optional<String> open(Piece piece) {
        var open = SewnLines.openEdges(piece);
        if (open.isEmpty()) return Optional.empty();
        return Optional.of("Rows end in the open at %s: let them run into a seam, or turn that edge."
                .formatted(piece.edgeWord(open.getFirst())));
    }
}
