package welumen.intake;

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

/** Whether a car has been taken in, and which. */
public sealed interface Intake {
    /** Nobody has said yet which car this job is about. */
    record Awaited() implements Intake {}

    record TakenIn(Car car, Customer customer, Agreement agreement) implements Intake {}

    /** @throws IllegalStateException if an agreement is changed before there is a car */
    default Intake after(IntakeChange change) {
        return switch (change) {
            case CarTakenIn(var car, var customer, var agreement) -> new TakenIn(car, customer, agreement);
            case AgreementChanged(var agreement) -> {
                if (!(this instanceof TakenIn taken))
                    throw new IllegalStateException(
                            "No car has been taken in yet, so nothing can be agreed. Take the car in first.");
                yield new TakenIn(taken.car(), taken.customer(), agreement);
            }
            case WishNoted _,
                    PartMissing _,
                    HouseWayChosen _,
                    SchoolChosen _,
                    QuestionLeftOpen _,
                    FeatureLookedAt _,
                    ApprovalAsked _,
                    ApprovalAnswered _,
                    ThingFound _,
                    ThingHandedBack _ -> this;
        };
    }
}
