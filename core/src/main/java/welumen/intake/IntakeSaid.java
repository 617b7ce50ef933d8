package welumen.intake;

import welumen.cabin.Cabin;
import welumen.measure.Many;

/** Says in a few words what a change of this room did. */
public final class IntakeSaid {
    private IntakeSaid() {}

    public static String of(IntakeChange change, Cabin cabin) {
        return switch (change) {
            case IntakeChange.CarTakenIn(var car, var _, var _) -> "Taken in: " + car.name();
            case IntakeChange.CarBrought(var car, var _) -> "Came in: " + car.name();
            case IntakeChange.CarDescribed(var car, var _) -> "Described anew: " + car.name();
            case IntakeChange.AgreementChanged(var agreement) ->
                "Agreed: " + agreement.standard().word();
            case IntakeChange.WishNoted(var wish) -> "Wish: " + wish;
            case IntakeChange.HouseWayChosen(var way, var taken) ->
                (taken ? "House way: " : "No longer: ") + way.word();
            case IntakeChange.SchoolChosen(var school) ->
                "%s: %s".formatted(school.question().word(), school.word());
            case IntakeChange.HouseWayLeftToYard(var way) -> "As in the yard: " + way.word();
            case IntakeChange.WishDropped(var wish) -> "No wish any more: " + wish;
            case IntakeChange.ApprovalReworded(var approval) -> "Asked otherwise: " + approval.question();
            case IntakeChange.ApprovalWithdrawn(var number) -> "Asked no more: question " + number;
            case IntakeChange.ThingStruck(var number) -> "Struck out: find " + number;
            case IntakeChange.QuestionLeftOpen(var question) -> "%s: left open".formatted(question.word());
            case IntakeChange.FeatureLookedAt(var look) ->
                "%s: %s".formatted(Many.capital(look.feature()), look.present() ? "there" : "not there");
            case IntakeChange.PartMissing(var part, var missing) ->
                "%s: %s"
                        .formatted(
                                missing ? "Came without" : "Turned up",
                                cabin.named(part).name());
            case IntakeChange.ApprovalAsked(var approval) -> "Asked: " + approval.question();
            case IntakeChange.ApprovalAnswered(var number, var answer) ->
                "Answered, question %d: %s".formatted(number, answer.agreed() ? "yes" : "no");
            case IntakeChange.ThingFound(var thing) -> "Found in the car: " + thing.what();
            case IntakeChange.ThingHandedBack(var number) -> "Handed back: find %d".formatted(number);
        };
    }
}
