package welumen.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.intake.Question;
import welumen.intake.School;
import welumen.intake.Standard;
import welumen.survey.Survey;
import welumen.treatment.TreatmentChange.TreatmentChosen;

/**
 * Two schools side by side for this very job: what each makes of the parts to which its question applies, each part done
 * as it was chosen, or as is best under that school where nothing is. Only parts that both schools can do are compared.
 *
 * @param apart those that only one of the two can do, or neither
 */
public record TwoWays(Way one, Way other, List<Part> apart) {
    /**
     * A school and what the job comes to under it.
     *
     * @param parts how many parts the question is asked of
     * @param hours likely, over all of them
     * @param money all that they cost if all goes well
     * @param lost what trials that fail are likely to cost besides
     * @param days the longest wait
     * @param below those of the parts whose finish stays under the standard
     * @param finish the mean level of finish
     * @param original the mean share of the original
     */
    public record Way(
            School school,
            int parts,
            double hours,
            double money,
            double lost,
            double days,
            List<Part> below,
            double finish,
            double original) {}

    /** The job as it stands. */
    public record Given(Cabin cabin, Survey survey, Choices choices, Standard standard, Terms terms) {}

    public static TwoWays of(Given job, School one, School other) {
        var here = new ArrayList<Done>();
        var there = new ArrayList<Done>();
        var apart = new ArrayList<Part>();
        for (var part : parts(job, one.question())) {
            var a = best(job, part, one);
            var b = best(job, part, other);
            if (a.isEmpty() || b.isEmpty()) apart.add(part);
            else {
                here.add(new Done(part, a.get()));
                there.add(new Done(part, b.get()));
            }
        }
        return new TwoWays(way(job, one, here), way(job, other, there), List.copyOf(apart));
    }

    private record Done(Part part, Candidate way) {}

    /** Whether what is done under both schools meets the standard, or fails it on the very same parts. */
    public boolean isToOneStandard() {
        return one.below().equals(other.below());
    }

    /** The questions that this job asks at all: those that bear on something that may be done in it. */
    public static List<Question> asked(Given job) {
        return List.of(Question.values()).stream()
                .filter(question -> !parts(job, question).isEmpty())
                .toList();
    }

    private static List<Part> parts(Given job, Question question) {
        return job.cabin().parts().stream()
                .filter(part ->
                        !job.survey().on(part.id()).isEmpty() && !job.choices().isDone(part.id()))
                .filter(part -> asks(job, part, question))
                .toList();
    }

    /** By what was chosen; where nothing is, by anything that could be. */
    private static boolean asks(Given job, Part part, Question question) {
        var chosen = job.choices().of(part.id());
        return chosen.isPresent()
                ? chosen.get().treatments().stream().anyMatch(step -> SchoolScope.has(question, step, part))
                : Candidates.of(part, job.survey().on(part.id()), job.terms()).stream()
                        .flatMap(way -> way.steps().stream())
                        .anyMatch(step -> SchoolScope.has(question, step, part));
    }

    private static Way way(Given job, School school, List<Done> parts) {
        var done = parts.stream().map(Done::way).toList();
        return new Way(
                school,
                done.size(),
                done.stream().mapToDouble(way -> way.hours().likely()).sum(),
                done.stream().mapToDouble(Candidate::price).sum(),
                done.stream().mapToDouble(way -> way.cost() - way.price()).sum(),
                done.stream().mapToDouble(Candidate::waitingDays).max().orElse(0),
                parts.stream()
                        .filter(one -> one.way()
                                        .finish()
                                        .compareTo(standard(job, one.part()).finishWanted())
                                < 0)
                        .map(Done::part)
                        .toList(),
                done.stream().mapToDouble(way -> way.finish().level()).average().orElse(0),
                done.stream().mapToDouble(Candidate::originality).average().orElse(0));
    }

    private static Standard standard(Given job, Part part) {
        return job.choices().standardOf(part.id()).orElse(job.standard());
    }

    /** What was chosen, where the school leaves that open; else what is best under it. */
    private static Optional<Candidate> best(Given job, Part part, School school) {
        var terms = job.terms().with(school);
        var findings = job.survey().on(part.id());
        return job.choices()
                .of(part.id())
                .map(TreatmentChosen::treatments)
                .filter(steps -> steps.stream().allMatch(step -> terms.allow(step, part)))
                .map(steps -> Candidates.chosen(part, findings, steps, terms))
                .or(() -> {
                    var ways = Candidates.of(part, findings, terms);
                    return Advice.of(ways, Weighing.of(standard(job, part), ways))
                            .best()
                            .map(Advice.Way::candidate);
                });
    }
}
