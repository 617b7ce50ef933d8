package welumen.intake;

/** What happens at the intake. */
public sealed interface IntakeChange {
    record CarTakenIn(Car car, Customer customer, Agreement agreement) implements IntakeChange {}

    record AgreementChanged(Agreement agreement) implements IntakeChange {}
}
