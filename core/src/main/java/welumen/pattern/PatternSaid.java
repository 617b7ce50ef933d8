package welumen.pattern;

import welumen.cabin.Cabin;
import welumen.measure.Lengths;
import welumen.measure.Many;

/** Says in a few words what a change of this room did. */
public final class PatternSaid {
    private PatternSaid() {}

    public static String of(PatternChange change, Cabin cabin) {
        return switch (change) {
            case PatternChange.PieceDrawn(var piece) -> "Drawn: " + piece.name();
            case PatternChange.PieceMadeOf(var piece, var parents) ->
                "Made of %s: %s".formatted(parents.getFirst().name(), words(piece));
            case PatternChange.PieceDropped(var piece) -> "Dropped: " + piece;
            case PatternChange.EdgeLeftLong(var _, var _, var mm) ->
                mm == 0 ? "Edge confirmed" : "Edge left long by %s".formatted(Lengths.near(mm));
            case PatternChange.TrialNoted(var trial) ->
                "%s trial %d".formatted(Many.capital(trial.of().word()), trial.number());
            case PatternChange.CutHeld(var _, var awaited) -> "Not cut until: " + awaited;
            case PatternChange.CutFreed(var _) -> "Free to cut";
            case PatternChange.StationMeasured(var _, var station) -> "Both sides measured: " + station.name();
            case PatternChange.PaddingSaid(var _, var padding) -> "Padding: " + padding.sheetWord();
            case PatternChange.LikenessWanted(var likeness) -> "By reference: " + likeness.what();
            case PatternChange.LikenessDropped(var what) -> "No longer by reference: " + what;
            case PatternChange.LessonLearnt(var lesson) -> "First side taught about " + lesson.piece();
            case PatternChange.LayersSaid(var part, var layers) ->
                "Under the %s: %s thicker".formatted(cabin.named(part).name(), Lengths.said(layers.thickerMm()));
            case PatternChange.FigureSaid(var part, var what, var typed) ->
                "Noted of the %s: %s %s"
                        .formatted(
                                cabin.named(part).name(), what.replace('-', ' '), typed.isEmpty() ? "not said" : typed);
            case PatternChange.CuttingAllowed(var allowed) -> "May be cut all the same, says " + allowed.by();
            case PatternChange.LessonTaken(var _, var piece) -> "Taken over from the first side: " + words(piece);
            case PatternChange.ClearanceMeasured(var clearance) -> "Clearance: " + clearance.what();
            case PatternChange.SeamJoined(var seam) ->
                "Sewn together: %s and %s".formatted(words(seam.one()), words(seam.other()));
            case PatternChange.SeamTakenApart(var seam) ->
                "Taken apart: %s and %s".formatted(words(seam.one()), words(seam.other()));
            case PatternChange.EdgeFinished(var _, var _, var finish, var _) -> "Edge: " + finish.word();
        };
    }

    private static String words(Seam.Side side) {
        return words(side.piece());
    }

    /** A piece's name begins with its part's, in words. */
    private static String words(String piece) {
        return piece.replace('-', ' ');
    }
}
