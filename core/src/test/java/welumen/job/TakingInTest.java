package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.cabin.Side;
import welumen.cabin.body.Body;
import welumen.doubt.Guess;
import welumen.intake.Agreement;
import welumen.intake.Car;
import welumen.intake.Customer;
import welumen.intake.Intake;
import welumen.intake.IntakeChange.AgreementChanged;
import welumen.intake.IntakeChange.CarBrought;
import welumen.intake.IntakeChange.CarDescribed;
import welumen.intake.Standard;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtStrip;
import welumen.measure.Money;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;
import welumen.shape.Point;
import welumen.strip.Lap;
import welumen.strip.StripChange.LapNoted;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripReason;
import welumen.strip.StripRule;
import welumen.strip.fixing.FixingKind;
import welumen.strip.line.Shorthand;
import welumen.strip.reach.WhatHolds;

class TakingInTest {
    private static final PartId SEAT = new PartId("left-front-seat");
    private static final PartId CARPET = new PartId("left-front-carpet");
    private static final PartId MIRROR = new PartId("mirror");
    private static final Car PLOVER = new Car("Corriden Plover", 1959, "coupé", "");

    private static Job taken(List<TakingIn.Earlier> earlier) {
        var job = Job.EMPTY.after(new AtIntake(new CarBrought(PLOVER, new Customer("Ms Wren", ""))));
        for (var change : TakingIn.known(Body.COUPE, Side.LEFT, earlier)) job = job.after(change);
        return job;
    }

    /** A first car, of which a seat came off, a lap and a rule were noted, and a piece drawn. */
    private static Job first() {
        var job = taken(List.of());
        var line = Shorthand.read("4 bolts M10, under the runner, off", SEAT, job.cabin(), job.strip());
        job = job.after(new AtStrip(new StepLogged(line.step(1, List.of()))));
        job = job.after(new AtStrip(new LapNoted(new Lap(new PartId("left-sill-cover"), CARPET, 18, false))));
        job = job.after(new AtStrip(new StripRuleNoted(new StripRule(MIRROR, StripReason.FOULS, SEAT))));
        return job.after(new AtPattern(new PieceDrawn(piece())));
    }

    private static Piece piece() {
        var edges = List.of(
                new Edge("", List.of(new Point(0, 0)), EdgeFinish.SEWN, 10),
                new Edge("", List.of(new Point(500, 0)), EdgeFinish.SEWN, 10),
                new Edge("", List.of(new Point(500, 400)), EdgeFinish.SEWN, 10));
        return new Piece(
                Piece.idOf(SEAT, "cushion top"),
                SEAT,
                "cushion top",
                "brown hide",
                Pairing.ONE,
                1,
                new Grain.AnyWay(),
                Under.FOAM,
                edges);
    }

    @Test
    void aFirstCarComesWithItsPartsAndGuessesNothing() {
        var job = taken(List.of());
        assertThat(job.cabin().parts()).hasSizeGreaterThan(50);
        assertThat(job.strip().rules()).isNotEmpty();
        assertThat(job.doubts().open()).isEmpty();
        assertThat(job.intake()).isInstanceOf(Intake.Brought.class);
    }

    @Test
    void whatTheFirstTaughtIsAGuessOnTheSecond() {
        var second = taken(List.of(new TakingIn.Earlier("the first", first(), true)));
        assertThat(second.strip().placesOf(SEAT)).hasSize(1);
        assertThat(second.doubts().open())
                .extracting(Guess::kind)
                .contains(Guess.Kind.PLACES, Guess.Kind.LAPS, Guess.Kind.HOLDERS, Guess.Kind.PIECE);
        assertThat(second.doubts().open()).allSatisfy(guess -> {
            assertThat(GuessWords.about(guess, second)).isNotBlank();
            assertThat(GuessWords.says(guess, second)).isNotBlank();
        });
        assertThat(second.patterns().known().awaited())
                .as("not cut before it was held against this car")
                .containsKey(piece().id());
    }

    @Test
    void ofAnotherNameOnlyWhatHoldsIsTaught() {
        var second = taken(List.of(new TakingIn.Earlier("another make", first(), false)));
        assertThat(second.strip().placesOf(SEAT)).isEmpty();
        assertThat(second.patterns().pieces()).isEmpty();
        assertThat(second.doubts().find(Guess.Kind.LAPS, "left-sill-cover")).isPresent();
    }

    @Test
    void rightLetsItStandAndWrongStrikesItOut() {
        var second = taken(List.of(new TakingIn.Earlier("the first", first(), true)));
        var right = second;
        for (var change : GuessAnswer.right(second.doubts().open())) right = right.after(change);
        assertThat(right.doubts().open()).isEmpty();
        assertThat(right.strip().placesOf(SEAT)).hasSize(1);
        assertThat(right.patterns().known().awaited()).isEmpty();
        var wrong = second;
        for (var guess : second.doubts().open())
            for (var change : GuessAnswer.wrong(guess, second)) wrong = wrong.after(change);
        assertThat(wrong.doubts().open()).isEmpty();
        assertThat(wrong.strip().placesOf(SEAT)).isEmpty();
        assertThat(wrong.strip().laps()).isEmpty();
        assertThat(wrong.patterns().pieces()).isEmpty();
        assertThat(WhatHolds.of(wrong.strip(), MIRROR)).isEmpty();
        assertThat(wrong.strip().rules())
                .as("what usually holds such parts stays")
                .hasSameSizeAs(taken(List.of()).strip().rules());
    }

    /** Taking the part off is looking at it: how it was held is no guess any more. */
    @Test
    void whatIsSeenOnThisCarIsNoGuessAnyMore() {
        var second = taken(List.of(new TakingIn.Earlier("the first", first(), true)));
        var line = Shorthand.read("4 bolts M10, under the runner, off", SEAT, second.cabin(), second.strip());
        var off = second.after(new AtStrip(new StepLogged(line.step(1, List.of()))));
        assertThat(off.doubts().find(Guess.Kind.PLACES, SEAT.value())).isEmpty();
        assertThat(off.doubts().find(Guess.Kind.LAPS, "left-sill-cover")).isPresent();
        assertThat(off.strip().foundOn(SEAT)).extracting(lot -> lot.kind()).containsOnly(FixingKind.BOLT);
    }

    @Test
    void agreeingChangesWhatIsAgreedAndDescribingTheCarIsTheSameCar() {
        var agreement = new Agreement(Standard.GOOD_DRIVER, Money.of(6400, "CHF"), LocalDate.of(2026, 6, 16));
        var job = taken(List.of()).after(new AtIntake(new AgreementChanged(agreement)));
        assertThat(job.intake().known()).contains(PLOVER);
        assertThat(job.intake().agreed()).contains(agreement);
        var renamed = new Car("Corriden Plover", 1960, "coupé", "LW 12");
        var described = job.after(new AtIntake(new CarDescribed(renamed, new Customer("Ms Wren", "by post"))));
        assertThat(described.intake().agreed()).contains(agreement);
        assertThat(described.cabin()).isEqualTo(job.cabin());
        assertThat(CarWaits.of(described, LocalDate.of(2026, 6, 18))).contains("it was due 2 days ago");
        assertThat(CarWaits.of(taken(List.of()), LocalDate.of(2026, 6, 18)))
                .containsExactly("standard, budget and date are to be agreed");
    }
}
