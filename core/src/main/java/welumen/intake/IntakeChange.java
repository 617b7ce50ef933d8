package welumen.intake;

import welumen.cabin.PartId;

/** What happens at the intake. */
public sealed interface IntakeChange {
    record CarTakenIn(Car car, Customer customer, Agreement agreement) implements IntakeChange {}

    record AgreementChanged(Agreement agreement) implements IntakeChange {}

    record WishNoted(String wish) implements IntakeChange {}

    /** @param taken false where it is no longer followed in this job */
    record HouseWayChosen(HouseWay way, boolean taken) implements IntakeChange {}

    /** How a question on which good trimmers differ is answered in this job. */
    record SchoolChosen(School school) implements IntakeChange {}

    /** No school is followed in a question any more. */
    record QuestionLeftOpen(Question question) implements IntakeChange {}

    record FeatureLookedAt(FeatureLook look) implements IntakeChange {}

    /** @param missing false where it turned up after all */
    record PartMissing(PartId part, boolean missing) implements IntakeChange {}

    record ApprovalAsked(Approval approval) implements IntakeChange {}

    record ApprovalAnswered(int number, Approval.Answer.Given answer) implements IntakeChange {}

    record ThingFound(FoundThing thing) implements IntakeChange {}

    record ThingHandedBack(int number) implements IntakeChange {}
}
