package welumen.intake;

import welumen.cabin.PartId;

/** What happens at the intake. */
public sealed interface IntakeChange {
    /** A car came in; nothing is agreed yet. */
    record CarBrought(Car car, Customer customer) implements IntakeChange {}

    /** This very car, or its owner, is described anew; what was agreed stands. */
    record CarDescribed(Car car, Customer customer) implements IntakeChange {}

    /** A car came in, and what is agreed was said with it. */
    record CarTakenIn(Car car, Customer customer, Agreement agreement) implements IntakeChange {}

    record AgreementChanged(Agreement agreement) implements IntakeChange {}

    record WishNoted(String wish) implements IntakeChange {}

    record WishDropped(String wish) implements IntakeChange {}

    /** @param taken whether it is followed in this job, whatever the yard does */
    record HouseWayChosen(HouseWay way, boolean taken) implements IntakeChange {}

    /** It is done in this job as in the yard. */
    record HouseWayLeftToYard(HouseWay way) implements IntakeChange {}

    /** How a question on which good trimmers differ is answered in this job. */
    record SchoolChosen(School school) implements IntakeChange {}

    /** This job says nothing of a question any more, so that the yard's answer holds. */
    record QuestionLeftOpen(Question question) implements IntakeChange {}

    record FeatureLookedAt(FeatureLook look) implements IntakeChange {}

    /** @param missing false where it turned up after all */
    record PartMissing(PartId part, boolean missing) implements IntakeChange {}

    record ApprovalAsked(Approval approval) implements IntakeChange {}

    record ApprovalAnswered(int number, Approval.Answer.Given answer) implements IntakeChange {}

    /** What is asked and has not been answered is asked in other words, or holds other parts. */
    record ApprovalReworded(Approval approval) implements IntakeChange {}

    /** A question is asked no more, and holds nothing. */
    record ApprovalWithdrawn(int number) implements IntakeChange {}

    record ThingFound(FoundThing thing) implements IntakeChange {}

    record ThingHandedBack(int number) implements IntakeChange {}

    /** It was noted by mistake. */
    record ThingStruck(int number) implements IntakeChange {}
}
