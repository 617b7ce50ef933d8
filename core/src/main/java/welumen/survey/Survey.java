package welumen.survey;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import welumen.cabin.PartId;
import welumen.survey.SurveyChange.FindingMade;
import welumen.survey.SurveyChange.HoldLifted;
import welumen.survey.SurveyChange.HoldPut;
import welumen.survey.SurveyChange.TreatmentChosen;
import welumen.survey.SurveyChange.TreatmentDone;

/**
 * What was found, what is to be done with it, and what is held.
 *
 * @param holds why each held part is held
 * @param done the parts whose chosen treatment has been done
 */
public record Survey(
        List<Finding> findings, Map<PartId, TreatmentChosen> chosen, Map<PartId, String> holds, Set<PartId> done) {
    public static final Survey EMPTY = new Survey(List.of(), Map.of(), Map.of(), Set.of());

    public Survey {
        findings = List.copyOf(findings);
        chosen = Map.copyOf(chosen);
        holds = Map.copyOf(holds);
        done = Set.copyOf(done);
    }

    public Survey after(SurveyChange change) {
        return switch (change) {
            case FindingMade(var finding) -> found(finding);
            case TreatmentChosen choice -> {
                var more = new TreeMap<>(chosen);
                more.put(choice.part(), choice);
                yield new Survey(findings, more, holds, without(choice.part()));
            }
            case TreatmentDone(var part) -> {
                var more = new HashSet<>(done);
                more.add(part);
                yield new Survey(findings, chosen, holds, more);
            }
            case HoldPut(var part, var because) -> held(part, because);
            case HoldLifted(var part, var by) -> {
                var fewer = new TreeMap<>(holds);
                fewer.remove(part);
                yield new Survey(findings, chosen, fewer, done);
            }
        };
    }

    public List<Finding> on(PartId part) {
        return findings.stream().filter(finding -> finding.part().equals(part)).toList();
    }

    public Optional<Treatment> chosenFor(PartId part) {
        return Optional.ofNullable(chosen.get(part)).map(TreatmentChosen::treatment);
    }

    public boolean isHeld(PartId part) {
        return holds.containsKey(part);
    }

    public int nextFinding() {
        return findings.stream().mapToInt(Finding::number).max().orElse(0) + 1;
    }

    /** A finding that stops work holds its part by itself, and makes work on it undone. */
    private Survey found(Finding finding) {
        var more = Stream.concat(findings.stream(), Stream.of(finding)).toList();
        var with = new Survey(more, chosen, holds, without(finding.part()));
        return finding.kind().stopsWork()
                ? with.held(finding.part(), finding.kind().word())
                : with;
    }

    private Survey held(PartId part, String because) {
        var more = new TreeMap<>(holds);
        more.put(part, because);
        return new Survey(findings, chosen, more, done);
    }

    private Set<PartId> without(PartId part) {
        var fewer = new HashSet<>(done);
        fewer.remove(part);
        return fewer;
    }
}
