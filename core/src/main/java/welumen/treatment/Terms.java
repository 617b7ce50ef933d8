package welumen.treatment;

import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.intake.Question;
import welumen.intake.School;

/**
 * On what terms a workshop works: what it charges, how fast it is, and which schools it follows.
 *
 * @param schools at most one for each question
 * @param guarded why nothing may be sewn, glued, filled, coated or wrapped on a part, by part
 */
public record Terms(
        PriceList prices, TreatmentHours hours, Map<Question, School> schools, Map<PartId, String> guarded) {
    public static final Terms USUAL = new Terms(PriceList.USUAL, TreatmentHours.USUAL, Map.of());

    public Terms {
        schools = Map.copyOf(schools);
        guarded = Map.copyOf(guarded);
    }

    /** With no part guarded. */
    public Terms(PriceList prices, TreatmentHours hours, Map<Question, School> schools) {
        this(prices, hours, schools, Map.of());
    }

    /** The same, with a question answered so. */
    public Terms with(School school) {
        var more = new EnumMap<Question, School>(Question.class);
        more.putAll(schools);
        more.put(school.question(), school);
        return new Terms(prices, hours, more, guarded);
    }

    /** The schools that say something about doing this to that part. */
    List<School> on(Treatment treatment, Part part) {
        return schools.values().stream()
                .filter(school -> SchoolScope.has(school.question(), treatment, part))
                .sorted()
                .toList();
    }

    /** No house way stands against what guards a life. */
    boolean allow(Treatment treatment, Part part) {
        if (guarded.containsKey(part.id())) return Deployment.leavesItWhole(treatment);
        return schools.values().stream().allMatch(school -> SchoolScope.allows(school, treatment, part));
    }

    /** Why something of this may not be done to the part before somebody qualified has answered; empty where it may. */
    public Optional<String> guards(PartId part, List<Treatment> treatments) {
        return Deployment.stands(guarded.get(part), treatments);
    }

    static double product(Collection<School> schools, ToDoubleFunction<School.Effect> of) {
        return schools.stream().map(School::effect).mapToDouble(of).reduce(1, (one, other) -> one * other);
    }

    static double sum(Collection<School> schools, ToDoubleFunction<School.Effect> of) {
        return schools.stream().map(School::effect).mapToDouble(of).sum();
    }
}
