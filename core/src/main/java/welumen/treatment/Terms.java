package welumen.treatment;

import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import welumen.cabin.Part;
import welumen.intake.Question;
import welumen.intake.School;

/**
 * On what terms a workshop works: what it charges, how fast it is, and which schools it follows.
 *
 * @param schools at most one for each question
 */
public record Terms(PriceList prices, TreatmentHours hours, Map<Question, School> schools) {
    public static final Terms USUAL = new Terms(PriceList.USUAL, TreatmentHours.USUAL, Map.of());

    public Terms {
        schools = Map.copyOf(schools);
    }

    /** The same, with a question answered so. */
    public Terms with(School school) {
        var more = new EnumMap<Question, School>(Question.class);
        more.putAll(schools);
        more.put(school.question(), school);
        return new Terms(prices, hours, more);
    }

    /** The schools that say something about doing this to that part. */
    List<School> on(Treatment treatment, Part part) {
        return schools.values().stream()
                .filter(school -> SchoolScope.has(school.question(), treatment, part))
                .sorted()
                .toList();
    }

    boolean allow(Treatment treatment, Part part) {
        return schools.values().stream().allMatch(school -> SchoolScope.allows(school, treatment, part));
    }

    static double product(Collection<School> schools, ToDoubleFunction<School.Effect> of) {
        return schools.stream().map(School::effect).mapToDouble(of).reduce(1, (one, other) -> one * other);
    }

    static double sum(Collection<School> schools, ToDoubleFunction<School.Effect> of) {
        return schools.stream().map(School::effect).mapToDouble(of).sum();
    }
}
