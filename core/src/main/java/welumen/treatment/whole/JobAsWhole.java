package welumen.treatment.whole;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.intake.Agreement;
import welumen.measure.WorkingDays;
import welumen.survey.Survey;
import welumen.treatment.Candidates;
import welumen.treatment.Choices;
import welumen.treatment.Matter;
import welumen.treatment.Terms;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.Weighing;
import welumen.treatment.whole.WholeJob.Group;
import welumen.treatment.whole.WholeJob.Measure;
import welumen.treatment.whole.WholeJob.Open;
import welumen.treatment.whole.WholeJob.Option;

/** The job as one question: every part on which something was found and that is not done yet. */
public final class JobAsWhole {
    private static final int MOST_WAYS = 8;

    /** On what terms the workshop works, and what day it is. */
    public record Figures(Terms terms, LocalDate today) {}

    private JobAsWhole() {}

    /** One pair of hands works at it; parts for which there is no way at all are left out, and are holds. */
    public static WholeJob of(Cabin cabin, Survey survey, Choices choices, Agreement agreement, Figures figures) {
        var parts = new ArrayList<Open>();
        for (var part : cabin.parts())
            if (!survey.on(part.id()).isEmpty() && !choices.isDone(part.id()))
                open(part, survey, choices, agreement, figures).ifPresent(parts::add);
        var days = WorkingDays.between(figures.today(), agreement.due());
        return new WholeJob(
                parts,
                agreement.budget().amount().doubleValue(),
                days * WorkingDays.HOURS,
                days,
                groups(cabin, parts),
                survey.patina());
    }

    private static Optional<Open> open(
            Part part, Survey survey, Choices choices, Agreement agreement, Figures figures) {
        var findings = survey.on(part.id());
        var fixed = choices.of(part.id())
                .filter(TreatmentChosen::fixed)
                .filter(chosen ->
                        figures.terms().guards(part.id(), chosen.treatments()).isEmpty())
                .map(chosen -> Candidates.chosen(part, findings, chosen.treatments(), figures.terms()));
        var ways = fixed.map(List::of).orElseGet(() -> Candidates.of(part, findings, figures.terms()));
        if (ways.isEmpty()) return Optional.empty();
        var standard = choices.standardOf(part.id()).orElse(agreement.standard());
        var weighing = Weighing.of(standard, ways);
        var options = ways.stream()
                .map(way -> new Option(way, weighing.worth(way), Gloss.of(way, Matter.of(part))))
                .sorted(Comparator.comparingDouble(Option::worth).reversed())
                .limit(MOST_WAYS)
                .toList();
        return Optional.of(
                new Open(part.id(), options, Candidates.size(part), standard.finishWanted(), fixed.map(_ -> 0)));
    }

    /** By finish all that are seen together, by gloss those of one matter among them. */
    private static List<Group> groups(Cabin cabin, List<Open> parts) {
        var open = parts.stream().map(Open::part).toList();
        var groups = new ArrayList<Group>();
        SeenTogether.groups(cabin).forEach((where, all) -> {
            var here = all.stream().filter(open::contains).toList();
            if (here.size() > 1) groups.add(new Group(where, Measure.FINISH, here));
            here.stream()
                    .collect(Collectors.groupingBy(
                            part -> Matter.of(cabin.one(part)), TreeMap::new, Collectors.toList()))
                    .values()
                    .stream()
                    .filter(alike -> alike.size() > 1)
                    .forEach(alike -> groups.add(new Group(where, Measure.GLOSS, alike)));
        });
        return groups;
    }
}
