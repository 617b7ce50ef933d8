package welumen.survey;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import welumen.cabin.PartId;
import welumen.survey.SurveyChange.CauseCured;
import welumen.survey.SurveyChange.FindingCorrected;
import welumen.survey.SurveyChange.FindingMade;
import welumen.survey.SurveyChange.FindingStruck;
import welumen.survey.SurveyChange.FitMeasured;
import welumen.survey.SurveyChange.HoldLifted;
import welumen.survey.SurveyChange.HoldPut;
import welumen.survey.SurveyChange.LookedAt;
import welumen.survey.SurveyChange.PatinaGrouped;
import welumen.survey.SurveyChange.QualifiedAnswered;

/**
 * What was found, which parts were looked at, and what is held.
 *
 * @param holds why each held part is held
 * @param patina groups of parts that aged alike
 * @param causes where damp and the like came from, for parts on which it is cured
 * @param measured where bought parts were measured, and how far they reach
 * @param answers what somebody qualified has said of parts that have to do with airbags and belts
 */
public record Survey(
        List<Finding> findings,
        Set<PartId> looked,
        Map<PartId, String> holds,
        List<List<PartId>> patina,
        Map<PartId, String> causes,
        Map<PartId, List<Station>> measured,
        Map<PartId, QualifiedAnswer> answers) {
    public static final Survey EMPTY =
            new Survey(List.of(), Set.of(), Map.of(), List.of(), Map.of(), Map.of(), Map.of());

    public Survey {
        findings = List.copyOf(findings);
        looked = Set.copyOf(looked);
        holds = Map.copyOf(holds);
        patina = List.copyOf(patina);
        causes = Map.copyOf(causes);
        measured = Map.copyOf(measured);
        answers = Map.copyOf(answers);
    }

    public Survey after(SurveyChange change) {
        return switch (change) {
            case FindingMade(var finding) -> found(finding);
            case FindingCorrected(var finding) -> {
                var rest = struck(finding.number());
                var now = rest.found(finding);
                yield new Survey(inOrder(now.findings), now.looked, now.holds, patina, now.causes, measured, answers);
            }
            case FindingStruck(var number) -> struck(number);
            case LookedAt(var part) ->
                new Survey(findings, and(looked, part), holds, patina, causes, measured, answers);
            case FitMeasured(var part, var stations) -> {
                var more = new TreeMap<>(measured);
                more.put(part, stations);
                yield new Survey(findings, looked, holds, patina, causes, more, answers);
            }
            case CauseCured(var part, var cause) -> {
                var more = new TreeMap<>(causes);
                more.put(part, cause);
                yield new Survey(findings, looked, holds, patina, more, measured, answers);
            }
            case QualifiedAnswered(var part, var answer) -> {
                var more = new TreeMap<>(answers);
                more.put(part, answer);
                yield new Survey(findings, looked, holds, patina, causes, measured, more);
            }
            case HoldPut(var part, var because) -> held(part, because);
            case HoldLifted(var part, var by) -> {
                var fewer = new TreeMap<>(holds);
                fewer.remove(part);
                yield new Survey(findings, looked, fewer, patina, causes, measured, answers);
            }
            case PatinaGrouped(var parts) ->
                new Survey(
                        findings,
                        looked,
                        holds,
                        Stream.concat(
                                        patina.stream()
                                                .filter(group -> group.stream().noneMatch(parts::contains)),
                                        parts.size() < 2 ? Stream.empty() : Stream.of(parts))
                                .toList(),
                        causes,
                        measured,
                        answers);
        };
    }

    public List<Finding> on(PartId part) {
        return findings.stream().filter(finding -> finding.part().equals(part)).toList();
    }

    /** What on a part has a cause elsewhere that nobody has found yet: under new trim it would come again. */
    public Optional<FindingKind> openCause(PartId part) {
        if (causes.containsKey(part)) return Optional.empty();
        return on(part).stream()
                .map(Finding::kind)
                .filter(FindingKind::hasCause)
                .findFirst();
    }

    public boolean isHeld(PartId part) {
        return holds.containsKey(part);
    }

    public int nextFinding() {
        return findings.stream().mapToInt(Finding::number).max().orElse(0) + 1;
    }

    /** A finding that stops work holds its part by itself. */
    private Survey found(Finding finding) {
        var more = Stream.concat(findings.stream(), Stream.of(finding)).toList();
        var cured = new TreeMap<>(causes);
        if (finding.kind().hasCause()) cured.remove(finding.part());
        var with = new Survey(more, and(looked, finding.part()), holds, patina, cured, measured, answers);
        return finding.stopsWork() ? with.held(finding.part(), finding.kind().word()) : with;
    }

    /** Without a finding, and without the hold that it put by itself, unless another finding of the part stops work too. */
    private Survey struck(int number) {
        var gone = findings.stream()
                .filter(finding -> finding.number() == number)
                .findFirst()
                .orElseThrow(
                        () -> new IllegalStateException("There is no finding %d here any more.".formatted(number)));
        var left = findings.stream().filter(finding -> finding != gone).toList();
        var held = new TreeMap<>(holds);
        if (gone.kind().word().equals(held.get(gone.part()))) {
            held.remove(gone.part());
            left.stream()
                    .filter(finding -> finding.part().equals(gone.part()) && finding.stopsWork())
                    .forEach(finding -> held.put(finding.part(), finding.kind().word()));
        }
        return new Survey(left, looked, held, patina, causes, measured, answers);
    }

    private static List<Finding> inOrder(List<Finding> findings) {
        return findings.stream()
                .sorted(Comparator.comparingInt(Finding::number))
                .toList();
    }

    private Survey held(PartId part, String because) {
        var more = new TreeMap<>(holds);
        more.put(part, because);
        return new Survey(findings, looked, more, patina, causes, measured, answers);
    }

    private static Set<PartId> and(Set<PartId> set, PartId more) {
        var larger = new HashSet<>(set);
        larger.add(more);
        return larger;
    }
}
