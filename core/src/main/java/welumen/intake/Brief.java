package welumen.intake;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
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
import welumen.intake.IntakeChange.ApprovalReworded;
import welumen.intake.IntakeChange.ApprovalWithdrawn;
import welumen.intake.IntakeChange.CarBrought;
import welumen.intake.IntakeChange.CarDescribed;
import welumen.intake.IntakeChange.CarTakenIn;
import welumen.intake.IntakeChange.FeatureLookedAt;
import welumen.intake.IntakeChange.HouseWayChosen;
import welumen.intake.IntakeChange.HouseWayLeftToYard;
import welumen.intake.IntakeChange.PartMissing;
import welumen.intake.IntakeChange.QuestionLeftOpen;
import welumen.intake.IntakeChange.SchoolChosen;
import welumen.intake.IntakeChange.ThingFound;
import welumen.intake.IntakeChange.ThingHandedBack;
import welumen.intake.IntakeChange.ThingStruck;
import welumen.intake.IntakeChange.WishDropped;
import welumen.intake.IntakeChange.WishNoted;

/**
 * What was said and found beside the agreement itself: wishes, house ways, schools, features, missing, approvals, things
 * found.
 *
 * @param saidWays of each house way of which something was said, whether it is followed
 */
public record Brief(
        List<String> wishes,
        Map<HouseWay, Boolean> saidWays,
        Map<Question, School> schools,
        Map<String, FeatureLook> features,
        Set<PartId> missing,
        List<Approval> approvals,
        List<FoundThing> things) {
    public static final Brief EMPTY =
            new Brief(List.of(), Map.of(), Map.of(), Map.of(), Set.of(), List.of(), List.of());

    public Brief {
        wishes = List.copyOf(wishes);
        saidWays = Map.copyOf(saidWays);
        schools = Map.copyOf(schools);
        features = Map.copyOf(features);
        missing = Set.copyOf(missing);
        approvals = List.copyOf(approvals);
        things = List.copyOf(things);
    }

    /** @throws IllegalStateException if an approval is answered, or a thing handed back, that is not there */
    public Brief after(IntakeChange change) {
        return switch (change) {
            case CarBrought _, CarDescribed _, CarTakenIn _, AgreementChanged _ -> this;
            case WishNoted(var wish) ->
                new Brief(and(wishes, wish), saidWays, schools, features, missing, approvals, things);
            case WishDropped(var wish) -> {
                if (!wishes.contains(wish)) throw new IllegalStateException("“%s” is no wish.".formatted(wish));
                var fewer = wishes.stream().filter(one -> !one.equals(wish)).toList();
                yield new Brief(fewer, saidWays, schools, features, missing, approvals, things);
            }
            case HouseWayChosen(var way, var taken) -> {
                var now = new HashMap<>(saidWays);
                now.put(way, taken);
                yield new Brief(wishes, now, schools, features, missing, approvals, things);
            }
            case HouseWayLeftToYard(var way) -> {
                var now = new HashMap<>(saidWays);
                now.remove(way);
                yield new Brief(wishes, now, schools, features, missing, approvals, things);
            }
            case SchoolChosen(var school) -> {
                var now = new EnumMap<Question, School>(Question.class);
                now.putAll(schools);
                now.put(school.question(), school);
                yield new Brief(wishes, saidWays, now, features, missing, approvals, things);
            }
            case QuestionLeftOpen(var question) -> {
                var now = new HashMap<>(schools);
                now.remove(question);
                yield new Brief(wishes, saidWays, now, features, missing, approvals, things);
            }
            case FeatureLookedAt(var look) -> {
                var now = new LinkedHashMap<>(features);
                now.put(look.feature(), look);
                yield new Brief(wishes, saidWays, schools, now, missing, approvals, things);
            }
            case PartMissing(var part, var isMissing) -> {
                var now = new TreeSet<>(missing);
                if (isMissing) now.add(part);
                else now.remove(part);
                yield new Brief(wishes, saidWays, schools, features, now, approvals, things);
            }
            case ApprovalAsked(var approval) ->
                new Brief(wishes, saidWays, schools, features, missing, and(approvals, approval), things);
            case ApprovalAnswered(var number, var answer) ->
                new Brief(wishes, saidWays, schools, features, missing, answered(number, answer), things);
            case ApprovalReworded(var approval) -> {
                var was = asked(approval.number());
                if (!was.isOpen()) throw new IllegalStateException(answeredAlready(was));
                yield with(approvals.stream()
                        .map(one -> one == was ? approval : one)
                        .toList());
            }
            case ApprovalWithdrawn(var number) -> {
                var was = asked(number);
                if (!was.isOpen()) throw new IllegalStateException(answeredAlready(was));
                yield with(approvals.stream().filter(one -> one != was).toList());
            }
            case ThingStruck(var number) -> {
                thing(number);
                yield new Brief(
                        wishes,
                        saidWays,
                        schools,
                        features,
                        missing,
                        approvals,
                        things.stream().filter(one -> one.number() != number).toList());
            }
            case ThingFound(var thing) ->
                new Brief(wishes, saidWays, schools, features, missing, approvals, and(things, thing));
            case ThingHandedBack(var number) ->
                new Brief(wishes, saidWays, schools, features, missing, approvals, handedBack(number));
        };
    }

    /** The house ways that are followed. */
    public Set<HouseWay> ways() {
        var followed = EnumSet.noneOf(HouseWay.class);
        saidWays.forEach((way, taken) -> {
            if (taken) followed.add(way);
        });
        return Collections.unmodifiableSet(followed);
    }

    /** As it is in a yard: where nothing was said of this car, the yard's ways and schools hold. */
    public Brief within(Set<HouseWay> yardWays, Map<Question, School> yardSchools) {
        var allWays = new HashMap<HouseWay, Boolean>();
        yardWays.forEach(way -> allWays.put(way, true));
        allWays.putAll(saidWays);
        var allSchools = new HashMap<>(yardSchools);
        allSchools.putAll(schools);
        return new Brief(wishes, allWays, allSchools, features, missing, approvals, things);
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
        return approvals.stream().mapToInt(Approval::number).max().orElse(0) + 1;
    }

    public int nextThing() {
        return things.stream().mapToInt(FoundThing::number).max().orElse(0) + 1;
    }

    private Brief with(List<Approval> others) {
        return new Brief(wishes, saidWays, schools, features, missing, others, things);
    }

    private Approval asked(int number) {
        return approvals.stream()
                .filter(approval -> approval.number() == number)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("There is no approval %d to answer.".formatted(number)));
    }

    private FoundThing thing(int number) {
        return things.stream()
                .filter(thing -> thing.number() == number)
                .findFirst()
                .orElseThrow(
                        () -> new IllegalStateException("There is no found thing %d to hand back.".formatted(number)));
    }

    private static String answeredAlready(Approval approval) {
        return "“%s” was answered. Ask anew what has changed.".formatted(approval.question());
    }

    private List<Approval> answered(int number, Approval.Answer.Given answer) {
        asked(number);
        return approvals.stream()
                .map(approval -> approval.number() == number ? approval.answered(answer) : approval)
                .toList();
    }

    private List<FoundThing> handedBack(int number) {
        thing(number);
        return things.stream()
                .map(thing ->
                        thing.number() == number ? new FoundThing(number, thing.what(), thing.where(), true) : thing)
                .toList();
    }

    private static <T> List<T> and(List<T> list, T more) {
        return Stream.concat(list.stream(), Stream.of(more)).toList();
    }
}
