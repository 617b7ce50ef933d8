package welumen.strip;

import welumen.cabin.Cabin;
import welumen.cabin.Side;
import welumen.measure.Lengths;

/** Says in a few words what a change of this room did. */
public final class StripSaid {
    private StripSaid() {}

    public static String of(StripChange change, Cabin cabin) {
        return switch (change) {
            case StripChange.StepLogged(var step) -> step(step, cabin);
            case StripChange.StepCorrected(var step) -> "Corrected: " + step(step, cabin);
            case StripChange.StripRuleNoted(var rule) ->
                "%s %s the %s"
                        .formatted(
                                cabin.named(rule.part()).title(),
                                rule.reason().verb(),
                                cabin.names(rule.byAnyOf(), " or the "));
            case StripChange.RefitLinkNoted(var link) ->
                "%s goes in before the %s"
                        .formatted(
                                cabin.named(link.first()).title(),
                                cabin.named(link.then()).name());
            case StripChange.LapNoted(var lap) ->
                "%s laps the %s by %s"
                        .formatted(
                                cabin.named(lap.over()).title(),
                                cabin.named(lap.under()).name(),
                                Lengths.near(lap.byMm()));
            case StripChange.LapStruck(var over, var under) ->
                "%s does not lap the %s"
                        .formatted(cabin.named(over).title(), cabin.named(under).name());
            case StripChange.LooseGroupNoted(var group) ->
                "Loose together: the " + cabin.names(group.parts(), " and the ");
            case StripChange.SideFirst(var side) ->
                side == Side.MIDDLE
                        ? "Either side may come first"
                        : "The %s side goes back first".formatted(side.word());
            case StripChange.PlacesNoted(var part, var _) ->
                "Places known: " + cabin.named(part).title();
            case StripChange.StripRuleStruck(var rule) ->
                "No longer held so: " + cabin.named(rule.part()).name();
        };
    }

    private static String step(Step step, Cabin cabin) {
        var name = cabin.named(step.part()).title();
        return step.outcome() == Outcome.OFF ? "Off: " + name : "Loosened: " + name;
    }
}
