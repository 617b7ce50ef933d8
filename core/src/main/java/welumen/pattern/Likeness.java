package welumen.pattern;

import java.util.ArrayList;
import java.util.List;
import welumen.measure.Lengths;

/** What a design is to have in common with a reference, or with what lies beside it. */
public sealed interface Likeness {
    String what();

    /** The content hashes of the reference's photos. */
    List<String> photos();

    boolean isKept();

    /** What was measured, and what it is off. */
    String found();

    /**
     * Two lengths that stand to each other as they do in the reference; a photo's own units will do there.
     *
     * @param within the share by which the ratio may be off
     */
    record Proportion(
            String what,
            double wantedOne,
            double wantedOther,
            double oneMm,
            double otherMm,
            double within,
            List<String> photos)
            implements Likeness {
        public Proportion {
            photos = List.copyOf(photos);
            if (!(wantedOne > 0 && wantedOther > 0 && oneMm > 0 && otherMm > 0 && within >= 0))
                throw new IllegalArgumentException("The lengths of [%s] have no ratio.".formatted(what));
        }

        /** The share by which the ratio is larger than in the reference. */
        public double off() {
            return oneMm / otherMm / (wantedOne / wantedOther) - 1;
        }

        @Override
        public boolean isKept() {
            return Math.abs(off()) <= within;
        }

        /** What the first length would be with the second as it is. */
        public double wantedMm() {
            return otherMm * wantedOne / wantedOther;
        }

        @Override
        public String found() {
            return "%.3f in the reference, %.3f here: %.1f %% too %s, %.0f %% may be; %s in place of %s would be it"
                    .formatted(
                            wantedOne / wantedOther,
                            oneMm / otherMm,
                            Math.abs(off()) * 100,
                            off() > 0 ? "large" : "small",
                            within * 100,
                            Lengths.near(wantedMm()),
                            Lengths.near(oneMm));
        }
    }

    /**
     * A line that goes on over a gap, from a door to the dash, along a pressing of the body.
     *
     * @param oneMm how high it comes to the gap
     * @param oneDegrees how it rises there
     * @param gapMm how wide the gap is
     * @param otherMm how high it begins beyond
     */
    record LineAcross(
            String what,
            double oneMm,
            double oneDegrees,
            double gapMm,
            double otherMm,
            double otherDegrees,
            List<String> photos)
            implements Likeness {
        /** Difference in mm from which it is seen. */
        public static final double SEEN_MM = 1.5;

        public static final double SEEN_DEGREES = 1;

        public LineAcross {
            photos = List.copyOf(photos);
            if (!(gapMm >= 0 && Math.abs(oneDegrees) < 80 && Math.abs(otherDegrees) < 80))
                throw new IllegalArgumentException("The line [%s] crosses no gap.".formatted(what));
        }

        /** How much too high it begins beyond the gap. */
        public double missMm() {
            return otherMm - (oneMm + gapMm * Math.tan(Math.toRadians(oneDegrees)));
        }

        public double kinkDegrees() {
            return otherDegrees - oneDegrees;
        }

        @Override
        public boolean isKept() {
            return Math.abs(missMm()) <= SEEN_MM && Math.abs(kinkDegrees()) <= SEEN_DEGREES;
        }

        @Override
        public String found() {
            return "over %s it comes out %s too %s, with a kink of %.1f°"
                    .formatted(
                            Lengths.near(gapMm),
                            Lengths.said(Math.abs(missMm())),
                            missMm() > 0 ? "high" : "low",
                            Math.abs(kinkDegrees()));
        }
    }

    /** The same with another photo. */
    default Likeness with(String photo) {
        var more = new ArrayList<>(photos());
        more.add(photo);
        return switch (this) {
            case Proportion(var what, var wanted, var to, var one, var other, var within, var ignored) ->
                new Proportion(what, wanted, to, one, other, within, more);
            case LineAcross(var what, var one, var rises, var gap, var other, var goesOn, var ignored) ->
                new LineAcross(what, one, rises, gap, other, goesOn, more);
        };
    }
}
