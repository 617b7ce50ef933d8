package welumen.intake;

import java.util.Optional;
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

/** Whether a car has been taken in, and which. */
public sealed interface Intake {
    /** Nobody has said yet which car this job is about. */
    record Awaited() implements Intake {}

    /** The car is here; what is to be done to it has not been agreed yet. */
    record Brought(Car car, Customer customer) implements Intake {}

    record TakenIn(Car car, Customer customer, Agreement agreement) implements Intake {}

    /** The car, as soon as it is known. */
    default Optional<Car> known() {
        return switch (this) {
            case Awaited() -> Optional.empty();
            case Brought(var car, var _) -> Optional.of(car);
            case TakenIn(var car, var _, var _) -> Optional.of(car);
        };
    }

    /** Its owner, as soon as they are known. */
    default Optional<Customer> owner() {
        return switch (this) {
            case Awaited() -> Optional.empty();
            case Brought(var _, var customer) -> Optional.of(customer);
            case TakenIn(var _, var customer, var _) -> Optional.of(customer);
        };
    }

    /** What was agreed, once it is. */
    default Optional<Agreement> agreed() {
        return this instanceof TakenIn(var _, var _, var agreement) ? Optional.of(agreement) : Optional.empty();
    }

    /** @throws IllegalStateException if an agreement is changed before there is a car */
    default Intake after(IntakeChange change) {
        return switch (change) {
            case CarTakenIn(var car, var customer, var agreement) -> new TakenIn(car, customer, agreement);
            case CarBrought(var car, var customer) -> {
                if (!(this instanceof Awaited))
                    throw new IllegalStateException(
                            "This log is of a car that is here. Another car has a log of its own.");
                yield new Brought(car, customer);
            }
            case CarDescribed(var car, var customer) ->
                switch (this) {
                    case Awaited() -> throw none();
                    case Brought _ -> new Brought(car, customer);
                    case TakenIn(var _, var _, var agreement) -> new TakenIn(car, customer, agreement);
                };
            case AgreementChanged(var agreement) ->
                switch (this) {
                    case Awaited() -> throw none();
                    case Brought(var car, var customer) -> new TakenIn(car, customer, agreement);
                    case TakenIn(var car, var customer, var _) -> new TakenIn(car, customer, agreement);
                };
            case WishNoted _,
                    PartMissing _,
                    WishDropped _,
                    HouseWayChosen _,
                    HouseWayLeftToYard _,
                    SchoolChosen _,
                    QuestionLeftOpen _,
                    FeatureLookedAt _,
                    ApprovalAsked _,
                    ApprovalAnswered _,
                    ApprovalReworded _,
                    ApprovalWithdrawn _,
                    ThingStruck _,
                    ThingFound _,
                    ThingHandedBack _ -> this;
        };
    }

    private static IllegalStateException none() {
        return new IllegalStateException(
                "No car has been taken in yet, so nothing can be agreed. Take the car in first.");
    }
}
