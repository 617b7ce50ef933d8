package welumen.intake;

import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import welumen.cabin.PartId;
import welumen.intake.IntakeChange.AgreementChanged;
import welumen.intake.IntakeChange.ApprovalAnswered;
import welumen.intake.IntakeChange.ApprovalAsked;
import welumen.intake.IntakeChange.CarTakenIn;
import welumen.intake.IntakeChange.FeatureLookedAt;
import welumen.intake.IntakeChange.HouseWayChosen;
import welumen.intake.IntakeChange.PartMissing;
import welumen.intake.IntakeChange.QuestionLeftOpen;
import welumen.intake.IntakeChange.SchoolChosen;
import welumen.intake.IntakeChange.ThingFound;
import welumen.intake.IntakeChange.ThingHandedBack;
import welumen.intake.IntakeChange.WishNoted;

/** What was said and found beside the agreement itself: wishes, house ways, schools, features, missing, approvals, things found. */
public record Brief(
        List<String> wishes,
        Set<HouseWay> ways,
        Map<Question, School> schools,
        Map<String, FeatureLook> features,
        Set<PartId> missing,
        List<Approval> approvals,
        List<FoundThing> things) {
    public static final Brief EMPTY =
            new Brief(List.of(), Set.of(), Map.of(), Map.of(), Set.of(), List.of(), List.of());

    public Brief {
        wishes = List.copyOf(wishes);
        ways = Collections.unmodifiableSet(new TreeSet<>(ways));
        schools = Map.copyOf(schools);
        features = Map.copyOf(features);
        missing = Set.copyOf(missing);
        approvals = List.copyOf(approvals);
        things = List.copyOf(things);
    }

    /** @throws IllegalStateException if an approval is answered, or a thing handed back, that is not there */
    public Brief after(IntakeChange change) {
        return switch (change) {
            case CarTakenIn _, AgreementChanged _ -> this;
            case WishNoted(var wish) ->
                new Brief(and(wishes, wish), ways, schools, features, missing, approvals, things);
            case HouseWayChosen(var way, var taken) -> {
                var now = new TreeSet<>(ways);
                if (taken) now.add(way);
                else now.remove(way);
                yield new Brief(wishes, now, schools, features, missing, approvals, things);
            }
            case SchoolChosen(var school) -> {
                var now = new EnumMap<Question, School>(Question.class);
                now.putAll(schools);
                now.put(school.question(), school);
                yield new Brief(wishes, ways, now, features, missing, approvals, things);
            }
            case QuestionLeftOpen(var question) -> {
                var now = new HashMap<>(schools);
                now.remove(question);
                yield new Brief(wishes, ways, now, features, missing, approvals, things);
            }
            case FeatureLookedAt(var look) -> {
                var now = new LinkedHashMap<>(features);
                now.put(look.feature(), look);
                yield new Brief(wishes, ways, schools, now, missing, approvals, things);
            }
            case PartMissing(var part, var isMissing) -> {
                var now = new TreeSet<>(missing);
                if (isMissing) now.add(part);
                else now.remove(part);
                yield new Brief(wishes, ways, schools, features, now, approvals, things);
            }
            case ApprovalAsked(var approval) ->
                new Brief(wishes, ways, schools, features, missing, and(approvals, approval), things);
            case ApprovalAnswered(var number, var answer) ->
                new Brief(wishes, ways, schools, features, missing, answered(number, answer), things);
            case ThingFound(var thing) ->
                new Brief(wishes, ways, schools, features, missing, approvals, and(things, thing));
            case ThingHandedBack(var number) ->
                new Brief(wishes, ways, schools, features, missing, approvals, handedBack(number));
        };
    }

    /** The open question that a part waits for; the oldest, where there are several. */
    public Optional<Approval> heldBy(PartId part) {
        return approvals.stream()
                .filter(approval -> approval.isOpen() && approval.holds().contains(part))
                .findFirst();
    }

    /** The approval that was asked in place of another; what was agreed then holds no more. */
    public Optional<Approval> replacementOf(int number) {
        return approvals.stream().filter(one -> one.replaces() == number).findFirst();
    }

    public List<Approval> openApprovals() {
        return approvals.stream().filter(Approval::isOpen).toList();
    }

    /** Whether a feature has been looked for and is there; empty while nobody has looked. */
    public Optional<Boolean> has(String feature) {
        return Optional.ofNullable(features.get(feature)).map(FeatureLook::present);
    }

    /** Whether this job follows a school. */
    public boolean follows(School school) {
        return schools.get(school.question()) == school;
    }

    /** Whether airbags were looked for and are there. */
    public boolean hasAirbags() {
        return has(FeatureLook.AIRBAGS).orElse(false);
    }

    public int nextApproval() {
        return approvals.size() + 1;
    }

    public int nextThing() {
        return things.size() + 1;
    }

    private List<Approval> answered(int number, Approval.Answer.Given answer) {
        if (approvals.stream().noneMatch(approval -> approval.number() == number))
            throw new IllegalStateException("There is no approval %d to answer.".formatted(number));
        return approvals.stream()
                .map(approval -> approval.number() == number ? approval.answered(answer) : approval)
                .toList();
    }

    private List<FoundThing> handedBack(int number) {
        if (things.stream().noneMatch(thing -> thing.number() == number))
            throw new IllegalStateException("There is no found thing %d to hand back.".formatted(number));
        return things.stream()
                .map(thing ->
                        thing.number() == number ? new FoundThing(number, thing.what(), thing.where(), true) : thing)
                .toList();
    }

    private static <T> List<T> and(List<T> list, T more) {
        return Stream.concat(list.stream(), Stream.of(more)).toList();
    }
}
