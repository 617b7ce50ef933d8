package welumen.cut;

import java.time.LocalDate;
import java.util.List;
import welumen.cut.leather.LeatherTerms;
import welumen.cut.leather.LeatherTest;
import welumen.cut.leather.Working;
import welumen.cut.stock.Stock;

/** What happens at the cutting table. */
public sealed interface CutChange {
    /** A plan was accepted; kept whole, since the next nester will answer differently. */
    record PlanAccepted(CutProblem problem, CutPlan plan) implements CutChange {}

    /** What happened to something to cut from while this car was worked on; the yard's log says the rest, in the same action. */
    record StockSeen(String stock, What what) implements CutChange {
        /** What happened to it. */
        public enum What {
            CAME_IN("Came in"),
            FOUND_OTHERWISE("Found otherwise"),
            GONE("Gone");

            private final String word;

            What(String word) {
                this.word = word;
            }

            public String word() {
                return word;
            }
        }
    }

    /** Something to cut from came in for this job, in place of what was called so before. */
    record StockBrought(Stock stock) implements CutChange {}

    /** It is not used for this job, and goes back. */
    record StockSentBack(String stock) implements CutChange {}

    /**
     * All that lay on one stock was cut from it.
     *
     * @param offcuts what is worth keeping of it
     * @param day when; {@link LocalDate#EPOCH} where nobody has said
     */
    record SheetCut(String stock, List<Stock> offcuts, LocalDate day) implements CutChange {
        public SheetCut {
            offcuts = List.copyOf(offcuts);
        }

        /** On a day that nobody has said. */
        public SheetCut(String stock, List<Stock> offcuts) {
            this(stock, offcuts, LocalDate.EPOCH);
        }
    }

    /** In place of what was tested of the same material, lot and way of working. */
    record StripTested(LeatherTest test) implements CutChange {}

    /** A piece of the pattern is worked so: it is cut larger, rests, and is cut to its line afterwards. */
    record PieceWorked(String piece, Working working) implements CutChange {}

    /** It is cut to its line at once. */
    record PieceLeftDry(String piece) implements CutChange {}

    /** Leather of a material is bought so, in place of what was said before. */
    record TermsSaid(String material, LeatherTerms terms) implements CutChange {}

    /** A piece came out wrong and is wanted once more. */
    record PieceSpoilt(String piece, int copy, String stock, String why) implements CutChange {}
}
