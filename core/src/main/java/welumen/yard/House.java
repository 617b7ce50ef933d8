package welumen.yard;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import welumen.intake.HouseWay;
import welumen.intake.Question;
import welumen.intake.School;
import welumen.treatment.PriceList;

/** What holds for every car that does not say otherwise: prices, precautions, and answers to where good trimmers differ. */
public record House(PriceList prices, Set<HouseWay> ways, Map<Question, School> schools) {
    /** Ways of a yard that has said nothing: its prices are a first guess. */
    public static final House UNSAID = new House(PriceList.USUAL, Set.of(), Map.of());

    public House {
        ways = ways.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(ways));
        schools = Map.copyOf(schools);
    }

    /** Whether anybody has said what this yard charges. */
    public boolean hasPrices() {
        return !prices.equals(PriceList.USUAL);
    }

    House after(HouseChange change) {
        return switch (change) {
            case HouseChange.PricesHeld(var said) -> new House(said, ways, schools);
            case HouseChange.WayHeld(var way, var taken) -> {
                var more = EnumSet.noneOf(HouseWay.class);
                more.addAll(ways);
                if (taken) more.add(way);
                else more.remove(way);
                yield new House(prices, more, schools);
            }
            case HouseChange.SchoolHeld(var school) -> {
                var more = new EnumMap<Question, School>(Question.class);
                more.putAll(schools);
                more.put(school.question(), school);
                yield new House(prices, ways, more);
            }
            case HouseChange.SchoolLeftOpen(var question) -> {
                var fewer = new EnumMap<Question, School>(Question.class);
                fewer.putAll(schools);
                fewer.remove(question);
                yield new House(prices, ways, fewer);
            }
        };
    }
}
