package welumen.diary;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import welumen.clock.Cure;
import welumen.survey.FindingKind;
import welumen.yard.Products;
import welumen.yard.Tin;

/**
 * What becomes of a find that stops work: who mends it, how long they take as a rule, and what then cures before anything is
 * laid, glued or wrapped over it. The days are guesses until somebody has promised one; local rules and the product's sheet go
 * first.
 *
 * @param who in words
 * @param workingDays of theirs
 * @param charged hours of theirs
 * @param coats what is laid on afterwards, one on the other
 * @param dries by the clock on the wall, before anything else
 */
public record Mending(String who, int workingDays, Charged charged, List<Tin.Use> coats, Duration dries) {
    private static final List<Tin.Use> ON_METAL = List.of(Tin.Use.PRIMER, Tin.Use.SEALER, Tin.Use.COATING);

    public static Mending of(FindingKind kind) {
        return switch (kind) {
            case RUST_THROUGH, STRUCTURE ->
                new Mending("the body shop", 8, new Charged(4, 14), ON_METAL, Duration.ZERO);
            case WIRING_FAULT -> new Mending("an electrician", 3, new Charged(1, 4), List.of(), Duration.ZERO);
            case MOULD ->
                new Mending("whoever finds where it comes from", 3, new Charged(1, 6), List.of(), Duration.ofHours(48));
            default -> new Mending("somebody qualified", 5, new Charged(1, 3), List.of(), Duration.ZERO);
        };
    }

    /** Hours of theirs that others charge, as a rule: a guess until they have quoted. */
    public record Charged(double least, double most) {}

    /** Until what comes next may: each coat takes the next one over it, the last what is said. */
    public Duration cures(Products products, Cure.Next next) {
        var all = dries;
        for (var i = 0; i < coats.size(); i++) all = all.plus(before(products, i, next));
        return all;
    }

    private Duration before(Products products, int coat, Cure.Next next) {
        return products.of(coats.get(coat)).before(coat < coats.size() - 1 ? Cure.Next.GLUED_OVER : next);
    }

    /** “primer 24 h, seam sealer 12 h, floor coating 24 h until it is glued over”; empty where nothing cures. */
    public String said(Products products, Cure.Next next) {
        if (coats.isEmpty()) return dries.isZero() ? "" : "it dries %d h".formatted(dries.toHours());
        var each = new ArrayList<String>();
        for (var i = 0; i < coats.size(); i++)
            each.add("%s %d h"
                    .formatted(
                            coats.get(i).word(),
                            Math.ceilDiv(before(products, i, next).toMinutes(), 60)));
        return String.join(", ", each) + " until it is " + next.word();
    }
}
