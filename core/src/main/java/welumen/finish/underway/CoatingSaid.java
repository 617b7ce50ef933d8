package welumen.finish.underway;

/** Says in a few words what a change of a surface under way did. */
public final class CoatingSaid {
    private CoatingSaid() {}

    public static String of(CoatingChange change) {
        return switch (change) {
            case CoatingChange.CoatingBegun(var coating) -> "To be coated: " + coating.what();
            case CoatingChange.StepDone(var _, var what, var _) -> "Done: " + what;
            case CoatingChange.Keyed _ -> "Flatted back, since the next coat came late";
            case CoatingChange.FlawMapped(var _, var flaw) ->
                "A %s mapped under raking light".formatted(flaw.kind().word());
            case CoatingChange.FlawMended(var _, var number) -> "Flaw %d mended".formatted(number);
            case CoatingChange.FlawStruck(var _, var number) -> "Flaw %d struck out".formatted(number);
            case CoatingChange.TrialMade(var _, var tried) ->
                "Tried by %s: %s".formatted(tried.trial().word(), tried.isWell() ? "well" : "failed");
            case CoatingChange.CoatingWentWrong(var _, var gone) ->
                "Once more, %s, %s: %s".formatted(gone.what(), gone.cause().word(), gone.cost());
            case CoatingChange.CoatingDropped _ -> "Not coated after all";
        };
    }
}
