package welumen.treatment;

/** What would have to change for the second way to come first: one figure, all others as they are. */
public sealed interface SwitchingPoint {
    /** A criterion would have to weigh so much, the others in proportion. */
    record WeightIs(Criterion criterion, double now, double then) implements SwitchingPoint {}

    /** The first would have to take so many hours. */
    record FirstTakes(double now, double then) implements SwitchingPoint {}

    /** All that is bought for the second would have to cost so much. */
    record SecondBuysFor(double now, double then) implements SwitchingPoint {}

    double now();

    double then();

    /** How far that is from now, as a share of what could be: the least is named first. */
    default double howFar() {
        return switch (this) {
            case WeightIs weight -> Math.abs(weight.then() - weight.now());
            case FirstTakes hours -> (hours.then() - hours.now()) / hours.then();
            case SecondBuysFor price -> (price.now() - price.then()) / price.now();
        };
    }
}
