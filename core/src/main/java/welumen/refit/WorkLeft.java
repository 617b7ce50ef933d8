package welumen.refit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.cut.CutLog;
import welumen.cut.CutPiece;
import welumen.cut.CuttingTable;
import welumen.cut.pieces.FromPattern;
import welumen.cut.pieces.RoughCut;
import welumen.finish.underway.Coating;
import welumen.finish.underway.CoatingBook;
import welumen.pattern.Patterns;
import welumen.pattern.piece.Piece;
import welumen.survey.Severity;
import welumen.survey.Survey;
import welumen.treatment.Choices;
import welumen.treatment.Treatment;

/**
 * What each part still wants done before it is finished: chosen and not done, bad and not decided, drawn and not cut, coated and not
 * through.
 */
public record WorkLeft(
        Survey survey, Choices choices, Patterns patterns, CuttingTable table, CutLog cut, CoatingBook coatings) {
    /**
     * By part; those that are finished are not in it.
     *
     * @param counts whether a piece counts: one that is only guessed from another car is not yet this car's
     */
    public Map<PartId, List<Undone>> of(Cabin cabin, Predicate<Piece> counts) {
        var left = new TreeMap<PartId, List<Undone>>();
        for (var part : cabin.parts()) {
            var undone = new ArrayList<>(of(part.id(), counts));
            coatings.openOf(part.id())
                    .flatMap(Coating::next)
                    .ifPresent(step -> undone.add(new Undone.Uncoated(step.what())));
            if (!undone.isEmpty()) left.put(part.id(), undone);
        }
        return left;
    }

    private List<Undone> of(PartId part, Predicate<Piece> counts) {
        if (choices.isDone(part)) return List.of();
        var undone = new ArrayList<Undone>();
        if (isLeftAsItIs(part)) return List.of();
        if (choices.isOpen(part)) undone.add(new Undone.Untreated(choices.words(part)));
        else
            survey.on(part).stream()
                    .filter(finding -> !finding.stopsWork()) // those hold the part until somebody has seen to it
                    .filter(finding -> finding.severity().compareTo(Severity.BAD) >= 0)
                    .findFirst()
                    .ifPresent(finding -> undone.add(new Undone.Undecided(finding)));
        var uncut = patterns.pieces().stream()
                .filter(piece -> piece.part().equals(part) && counts.test(piece) && !isCut(piece))
                .map(this::said)
                .toList();
        if (!uncut.isEmpty()) undone.add(new Undone.Uncut(uncut));
        return undone;
    }

    private boolean isLeftAsItIs(PartId part) {
        return choices.of(part)
                .map(chosen -> chosen.treatments().equals(List.of(Treatment.LEAVE)))
                .orElse(false);
    }

    private String said(Piece piece) {
        return well(piece, _ -> true) < piece.pairing().count() ? piece.name() : piece.name() + " as it is drawn now";
    }

    /** What was cut and is drawn otherwise since is not this piece any more. */
    private boolean isCut(Piece piece) {
        var drawn = RoughCut.of(FromPattern.pieces(List.of(piece)), cut.worked());
        return well(piece, laid -> drawn.stream().anyMatch(now -> now.isDrawnAs(laid)))
                >= piece.pairing().count();
    }

    /** How many copies of a piece came out well, of those that were laid out so. */
    private long well(Piece piece, Predicate<CutPiece> laidSo) {
        if (!(table instanceof CuttingTable.Laid(var problem, var plan))) return 0;
        return plan.placements().stream()
                .filter(one -> FromPattern.isOf(one.piece(), piece.id()))
                .filter(one -> cut.isCut(one.stock()) && !cut.isSpoilt(one))
                .filter(one -> laidSo.test(problem.piece(one.piece())))
                .count();
    }
}
