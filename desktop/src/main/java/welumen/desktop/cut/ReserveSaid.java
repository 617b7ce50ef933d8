package welumen.desktop.cut;

import java.util.Locale;
import welumen.cut.forecast.Reserve;
import welumen.desktop.look.Words;
import welumen.measure.WorkingDays;

/** What will be spare of a leather, in words. */
final class ReserveSaid {
    private ReserveSaid() {}

    /** How much too little is spare, and what to order; empty where it is enough. */
    static String shortage(LeatherSupply supply) {
        var reserve = supply.reserve();
        var more = reserve.toOrder();
        return more == 0
                ? ""
                : "%s would have %s to spare, and %s are wanted: %s."
                        .formatted(
                                Words.capital(supply.material()),
                                Words.squareMetres(Math.max(0, reserve.spareMm2())),
                                Words.squareMetres(reserve.wantedMm2()),
                                order(supply, more));
    }

    /** So many hides more: of which lot, for how much, and when they are here. */
    static String order(LeatherSupply supply, int more) {
        var terms = supply.terms();
        var model = supply.model();
        return "order %s more of %s now, about %s%.0f with all it costs to order again, here by %s"
                .formatted(
                        Words.count(more).toLowerCase(Locale.ROOT),
                        supply.lots().isEmpty() ? "the same lot" : "lot " + String.join(" or ", supply.lots()),
                        model.currencySign(),
                        terms.costOfMore(more),
                        Words.day(WorkingDays.after(model.today(), terms.days())));
    }

    /** The sum, for who wants to see it. */
    static String working(Reserve reserve) {
        return "%s × %s used − %s to cut = %s spare; %s wanted."
                .formatted(
                        Words.squareMetres(reserve.hereMm2()),
                        Words.percent(reserve.toCut().yield()),
                        Words.squareMetres(reserve.toCut().netMm2()),
                        Words.squareMetres(reserve.spareMm2()),
                        Words.squareMetres(reserve.wantedMm2()));
    }
}
