package welumen.files.full;

import java.io.IOException;
import java.util.List;
import welumen.measure.Lengths;
import welumen.pattern.Patterns;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.pattern.piece.Surface;
import welumen.pattern.seam.Notches;
import welumen.pattern.seam.Notches.Notch;
import welumen.pattern.seam.SeamCodes;
import welumen.pattern.seam.SeamCodes.Code;
import welumen.pattern.surface.Blank;
import welumen.pattern.surface.Perforation;
import welumen.pattern.surface.SewnLines;
import welumen.pattern.thick.WrapPlan;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Point;

/** A piece at full size: the cutting line, the finished line dashed within, its holes and its edges by name. */
public final class PiecePdf implements Drawing {
    private static final double ARROW_MM = 40;

    private final Piece piece;
    private final List<Notch> notches;
    private final List<Code> codes;
    private final Outline cut;

    private PiecePdf(Piece piece, Patterns patterns) {
        this.piece = piece;
        this.notches = Notches.of(piece, patterns.seams(), patterns);
        this.codes = SeamCodes.on(piece, patterns);
        this.cut = Blank.of(piece);
    }

    /** Tiled over sheets, or in one from a roll. */
    public static byte[] on(Paper paper, Piece piece, Patterns patterns) {
        return Tiles.on(paper, new PiecePdf(piece, patterns));
    }

    @Override
    public String name() {
        return piece.name();
    }

    @Override
    public String facts() {
        return "%s, %s".formatted(piece.material(), piece.pairing().word());
    }

    @Override
    public Box box() {
        return cut.box();
    }

    @Override
    public void draw(FullPage page, Point shift) throws IOException {
        if (Blank.isSewnFirst(piece)) {
            blank(page, shift);
            return;
        }
        page.run(moved(cut.corners(), shift), true, false);
        page.run(moved(piece.net().corners(), shift), true, true);
        for (var hole : piece.holes()) page.run(moved(hole.corners(), shift), true, false);
        for (var row : SewnLines.of(piece).rows()) page.run(moved(List.of(row.from(), row.to()), shift), false, true);
        if (piece.inside().surface() instanceof Surface.Perforated wanted) perforated(page, wanted, shift);
        for (var piercing : piece.inside().piercings()) pierced(page, piercing, shift);
        for (var keepOut : piece.inside().keepOuts()) {
            page.run(moved(keepOut.room().corners(), shift), true, true);
            var at = keepOut.room().box().middle().plus(shift);
            page.text(at.x() - 8, at.y(), 3, "stays free: " + keepOut.what());
        }
        lies(page, shift);
        var wrap = WrapPlan.asDrawn(piece);
        if (wrap.isPresent()) for (var relief : wrap.get().reliefs()) turned(page, relief, shift);
        for (var code : codes)
            page.text(code.at().x() + shift.x() - 2, code.at().y() + shift.y() - 1, 3.2, code.word());
        for (var notch : notches) page.run(moved(List.of(notch.outer(), notch.inner()), shift), false, false);
        for (var i = 0; i < piece.edges().size(); i++) {
            var run = piece.run(i);
            var middle =
                    run.get(run.size() / 2).plus(run.get((run.size() - 1) / 2)).times(0.5);
            var edge = piece.edges().get(i);
            var at = middle.plus(shift);
            page.text(
                    at.x() + 2,
                    at.y() + 2,
                    3,
                    (edge.name().isEmpty() ? "" : edge.name() + ": ")
                            + edge.finish().word()
                            + (edge.leftLongMm() > 0
                                    ? ", %s left long".formatted(Lengths.near(edge.leftLongMm()))
                                    : ""));
        }
    }

    /** As it is cut and sewn, at the pitch before anything is taken up; the piece is marked on it afterwards. */
    private void blank(FullPage page, Point shift) throws IOException {
        var onBlank = Blank.onBlank(piece);
        page.run(moved(cut.corners(), shift), true, false);
        for (var row : SewnLines.of(piece).rows())
            page.run(moved(List.of(onBlank.apply(row.from()), onBlank.apply(row.to())), shift), false, true);
        var at = cut.box().middle().plus(shift);
        page.text(at.x() - 40, at.y(), 3.4, "The blank: sew its rows first, then mark the piece on it and cut.");
    }

    /** Where the turn-in is slit, notched or folded. */
    private static void turned(FullPage page, WrapPlan.Relief relief, Point shift) throws IOException {
        var out = relief.out().plus(shift);
        page.run(List.of(relief.at().plus(shift), out), false, relief.kind() == WrapPlan.Kind.FOLD);
        page.text(out.x() + 1, out.y() + 1, 2.2, relief.kind().word());
    }

    private void perforated(FullPage page, Surface.Perforated wanted, Point shift) throws IOException {
        var half = wanted.holeMm() / 2;
        for (var hole : Perforation.of(piece, wanted).holes()) {
            var at = hole.plus(shift);
            page.fill(at.x() - half, at.y() - half, wanted.holeMm(), wanted.holeMm());
        }
    }

    private static void pierced(FullPage page, Piercing piercing, Point shift) throws IOException {
        var at = piercing.at().plus(shift);
        if (piercing.kind().isRound()) {
            page.run(moved(piercing.ring(), shift), true, false);
        } else page.run(List.of(at.minus(piercing.halfSlit()), at.plus(piercing.halfSlit())), false, false);
        page.line(at.x() - 2, at.y(), at.x() + 2, at.y());
        page.line(at.x(), at.y() - 2, at.x(), at.y() + 2);
        page.text(
                at.x() + piercing.sizeMm() / 2 + 1,
                at.y() + 1,
                2.6,
                "%s %s %.1f".formatted(piercing.what(), piercing.kind().word(), piercing.sizeMm()));
    }

    /** The way of its stretch or its nap, and the side that is up. */
    private void lies(FullPage page, Point shift) throws IOException {
        var middle = piece.net().box().middle().plus(shift);
        var words = piece.face().word();
        if (piece.grain().way().isPresent()) {
            var turn = Math.toRadians(piece.grain().way().getAsDouble());
            var along = new Point(Math.cos(turn), Math.sin(turn));
            var across = new Point(-along.y(), along.x());
            var tip = middle.plus(along.times(ARROW_MM));
            var back = tip.minus(along.times(8));
            page.run(List.of(middle.minus(along.times(ARROW_MM)), tip), false, false);
            page.run(List.of(back.plus(across.times(4)), tip, back.minus(across.times(4))), false, false);
            words += piece.grain() instanceof Grain.NapToward ? ", nap this way" : ", stretch along";
        }
        page.text(middle.x() + 3, middle.y() + 3, 3, words);
    }

    private static List<Point> moved(List<Point> ring, Point shift) {
        return ring.stream().map(point -> point.plus(shift)).toList();
    }
}
