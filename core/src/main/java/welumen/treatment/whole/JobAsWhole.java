package welumen.treatment.whole;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.intake.Agreement;
import welumen.survey.Survey;
import welumen.treatment.Candidate;
import welumen.treatment.Candidates;
import welumen.treatment.Choices;
import welumen.treatment.Matter;
import welumen.treatment.Terms;
import welumen.treatment.Treatment;
import welumen.treatment.Weighing;
import welumen.treatment.whole.WholeJob.Group;
import welumen.treatment.whole.WholeJob.Measure;
import welumen.treatment.whole.WholeJob.Open;
import welumen.treatment.whole.WholeJob.Option;

/** The job as one question: every part on which something was found and that is not done yet. */
public final class JobAsWhole {
    private static final double HOURS_A_DAY = 8;
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
        var days = workingDays(figures.today(), agreement.due());
        return new WholeJob(
                parts,
                agreement.budget().amount().doubleValue(),
                days * HOURS_A_DAY,
                days,
                groups(cabin, parts),
                survey.patina());
    }

    private static Optional<Open> open(
            Part part, Survey survey, Choices choices, Agreement agreement, Figures figures) {
        var ways = Candidates.of(part, survey.on(part.id()), figures.terms());
        if (ways.isEmpty()) return Optional.empty();
        var standard = choices.standardOf(part.id()).orElse(agreement.standard());
        var weighing = Weighing.of(standard, ways);
        var options = ways.stream()
                .map(way -> new Option(way, weighing.worth(way), Gloss.of(way, Matter.of(part))))
                .sorted((one, other) -> Double.compare(other.worth(), one.worth()))
                .toList();
        var fixed = choices.of(part.id())
                .filter(chosen -> chosen.fixed())
                .flatMap(chosen -> IntStream.range(0, options.size())
                        .filter(way -> isChosen(options.get(way).candidate(), chosen.treatments()))
                        .boxed()
                        .findFirst());
        var few = fixed.filter(way -> way >= MOST_WAYS).isPresent()
                ? options
                : options.subList(0, Math.min(MOST_WAYS, options.size()));
        return Optional.of(new Open(part.id(), few, Candidates.size(part), standard.finishWanted(), fixed));
    }

    private static boolean isChosen(Candidate way, List<Treatment> chosen) {
        return way.steps().equals(chosen) || chosen.size() == 1 && way.steps().getFirst() == chosen.getFirst();
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

    /** Mondays to Fridays from a day on, before another; never below nought. */
    static double workingDays(LocalDate from, LocalDate until) {
        return from.datesUntil(until.isBefore(from) ? from : until)
                .filter(day -> day.getDayOfWeek() != DayOfWeek.SATURDAY && day.getDayOfWeek() != DayOfWeek.SUNDAY)
                .count();
    }
}
