package welumen.job;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import welumen.cabin.Cabin;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Side;
import welumen.cabin.body.Body;
import welumen.cabin.body.BodyParts;
import welumen.doubt.DoubtChange.Guessed;
import welumen.doubt.Guess;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.InDoubt;
import welumen.pattern.PatternChange.CutHeld;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.strip.StripChange;
import welumen.strip.StripChange.LapNoted;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.reach.EarlierCar;
import welumen.strip.reach.UsualRules;

/**
 * What is known of a car from its first moment: the parts that its body usually has, what usually holds them, and what
 * earlier cars taught, each of those a guess until it is confirmed.
 */
public final class TakingIn {
    /**
     * An earlier car.
     *
     * @param title what it is called in the yard
     * @param isOfName whether it is called the same, so that its fixings and patterns may be this one's too; else only its
     *     body is
     */
    public record Earlier(String title, Job job, boolean isOfName) {}

    private final Cabin cabin;
    private final List<JobChange> changes = new ArrayList<>();
    private final Set<Guess> guesses = new LinkedHashSet<>();

    private TakingIn(Cabin cabin) {
        this.cabin = cabin;
    }

    /**
     * @param earlier the newest last; what a later one taught stands
     * @return one action
     */
    public static List<JobChange> known(Body body, Side wheel, List<Earlier> earlier) {
        var parts = BodyParts.of(body, wheel);
        var taking = new TakingIn(new Cabin(parts));
        taking.changes.add(new InCabin(new PartsListed(parts)));
        for (var rule : UsualRules.of(taking.cabin)) taking.changes.add(new AtStrip(new StripRuleNoted(rule)));
        for (var car : earlier) taking.learn(car);
        if (!taking.guesses.isEmpty()) taking.changes.add(new InDoubt(new Guessed(List.copyOf(taking.guesses))));
        return List.copyOf(taking.changes);
    }

    private void learn(Earlier car) {
        for (var lesson : EarlierCar.lessons(car.job().strip(), cabin))
            if (car.isOfName() || !(lesson instanceof PlacesNoted)) learn(lesson, car.title());
        if (car.isOfName()) patterns(car);
    }

    private void learn(StripChange lesson, String from) {
        changes.add(new AtStrip(lesson));
        switch (lesson) {
            case StripRuleNoted(var rule) -> {
                if (!UsualRules.of(cabin).contains(rule))
                    guess(Guess.Kind.HOLDERS, rule.part().value(), from);
            }
            case PlacesNoted(var part, var _) -> guess(Guess.Kind.PLACES, part.value(), from);
            case LapNoted(var lap) -> guess(Guess.Kind.LAPS, lap.over().value(), from);
            default -> {}
        }
    }

    /** A pattern of another car is not cut from before it was held against this one. */
    private void patterns(Earlier car) {
        var patterns = car.job().patterns();
        var taken = patterns.pieces().stream()
                .filter(piece -> cabin.findOne(piece.part()).isPresent())
                .toList();
        for (var piece : taken) {
            changes.add(new AtPattern(new PieceDrawn(piece)));
            changes.add(new AtPattern(new CutHeld(
                    piece.id(), "held against this car: it is the pattern of the %s".formatted(car.title()))));
            guess(Guess.Kind.PIECE, piece.id(), car.title());
        }
        for (var seam : patterns.seams())
            if (taken.stream().anyMatch(piece -> piece.id().equals(seam.one().piece()))
                    && taken.stream()
                            .anyMatch(piece -> piece.id().equals(seam.other().piece())))
                changes.add(new AtPattern(new SeamJoined(seam)));
    }

    private void guess(Guess.Kind kind, String about, String from) {
        guesses.removeIf(guess -> guess.kind() == kind && guess.about().equals(about));
        guesses.add(new Guess(kind, about, from));
    }
}
