package welumen.cut.table;

import java.util.Optional;
import java.util.regex.Pattern;
import welumen.cut.CutPlan.SheetUse;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.hide.Flaws;
import welumen.cut.stock.Stock;
import welumen.shape.Pose;

/** What is left of a roll when the used length is cut off: a roll of its own, that begins where its pattern does. */
public final class RollRest {
    private static final Pattern NUMBERED = Pattern.compile("(?<roll>.*), rest(?: (?<number>\\d{1,4}))?");

    private RollRest() {}

    /** Empty where less is left than is worth keeping. */
    public static Optional<Stock.Roll> of(Laid laid, Stock.Roll roll) {
        return of(
                roll,
                laid.plan().use(roll.id()).map(SheetUse::usedLength).orElse(0.0),
                laid.problem().gap());
    }

    /**
     * @param usedMm from the cut end
     * @param gapMm left beyond the last piece
     */
    public static Optional<Stock.Roll> of(Stock.Roll roll, double usedMm, double gapMm) {
        var cutMm = usedMm + gapMm;
        if (roll.repeatX() > 0) cutMm = Math.ceil(cutMm / roll.repeatX() - 1e-9) * roll.repeatX();
        var leftMm = roll.length() - cutMm;
        if (leftMm <= 0) return Optional.empty();
        return Optional.of(left(roll, leftMm))
                .filter(rest -> LargestRectangle.isIn(rest, Offcuts.LONG_MM, Offcuts.WIDE_MM));
    }

    /** With the flaws beyond the cut; one that was cut through ends there. */
    private static Stock.Roll left(Stock.Roll roll, double leftMm) {
        var toItsEnd = new Pose(leftMm - roll.length(), 0, 0, false);
        var rest = roll.left(name(roll.id()), leftMm);
        for (var flaw : roll.flaws()) rest = rest.flawed(Flaws.and(rest, toItsEnd.apply(flaw)));
        return rest;
    }

    /** Whether a roll is what was left of another. */
    public static boolean isRest(Stock stock) {
        return stock instanceof Stock.Roll && NUMBERED.matcher(stock.id()).matches();
    }

    private static String name(String id) {
        var before = NUMBERED.matcher(id);
        if (!before.matches()) return id + ", rest";
        var number = before.group("number");
        return "%s, rest %d".formatted(before.group("roll"), number == null ? 2 : Integer.parseInt(number) + 1);
    }
}
