package welumen.finish;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import welumen.cut.CuttingTable;
import welumen.finish.FinishChange.OnCoating;
import welumen.finish.coat.Binder;
import welumen.finish.coat.Cause;
import welumen.finish.coat.CoatStep;
import welumen.finish.coat.CoatStep.Kind;
import welumen.finish.coat.CoatSystem;
import welumen.finish.coat.CoatWeight;
import welumen.finish.coat.Ground;
import welumen.finish.coat.HideRepair;
import welumen.finish.underway.Coating;
import welumen.finish.underway.CoatingChange;
import welumen.finish.underway.CoatingChange.CoatingBegun;
import welumen.finish.underway.CoatingChange.CoatingWentWrong;
import welumen.finish.underway.CoatingChange.FlawMapped;
import welumen.finish.underway.CoatingChange.FlawMended;
import welumen.finish.underway.CoatingChange.Keyed;
import welumen.finish.underway.CoatingChange.StepDone;
import welumen.finish.underway.CoatingChange.TrialMade;
import welumen.finish.underway.CoatingEffort;
import welumen.finish.underway.CoatingStands;
import welumen.finish.underway.Flaw;
import welumen.finish.underway.GoneWrong;
import welumen.finish.underway.Trial;
import welumen.finish.underway.Tried;
import welumen.pattern.Patterns;
import welumen.shape.Point;
import welumen.stores.JobNeeds;
import welumen.stores.Need;
import welumen.yard.Products;

/** A surface on its way through its coats, ticked off step by step. */
class CoatingTest {
    private static final Instant MORNING = Instant.parse("2026-04-20T08:00:00Z");

    private FinishBook book = FinishBook.EMPTY;

    @BeforeEach
    void begin() {
        var steps =
                new CoatSystem(Ground.HARD_PLASTIC, Binder.ACRYLIC, Binder.ACRYLIC, false, 2, 1).steps(Products.USUAL);
        make(new CoatingBegun(
                Coating.begun(book.coatings().nextId(), "dash top", List.of(), Ground.HARD_PLASTIC, 0.5, steps)));
    }

    private void make(CoatingChange change) {
        book = book.after(new OnCoating(change));
    }

    private Coating coating() {
        return book.coatings().find("surface-1").orElseThrow();
    }

    private CoatingStands at(Instant now) {
        return new CoatingStands(coating(), now);
    }

    /** Ticks everything off up to the next step of a kind, an hour apart. */
    private Instant until(Kind kind, Instant from) {
        var at = from;
        while (coating().next().orElseThrow().kind() != kind) {
            make(new StepDone("surface-1", "next", at));
            at = at.plus(Duration.ofMinutes(10));
        }
        return at;
    }

    @Test
    void aStepIsToldFromWhenAndUntilWhen() {
        var at = until(Kind.COLOUR, MORNING);
        make(new StepDone(
                "surface-1", "next", at)); // the first coat of colour: 15 min to flash off, 4 h to be coated over
        assertThat(coating().next().map(CoatStep::kind)).contains(Kind.LOOK);
        assertThat(at(at).from()).contains(at.plus(Duration.ofMinutes(15)));
        assertThat(at(at).by()).contains(at.plus(Duration.ofHours(4)));
        assertThat(at(at).isTooEarly()).isTrue();
        assertThat(at(at.plus(Duration.ofMinutes(15))).isTooEarly()).isFalse();
    }

    /** Past its window the next coat does not bite: it is flatted back, and then goes on. */
    @Test
    void whatComesTooLateIsFlattedBackFirst() {
        var at = until(Kind.COLOUR, MORNING);
        make(new StepDone("surface-1", "next", at));
        make(new StepDone("surface-1", "next", at.plus(Duration.ofMinutes(20))));
        var late = at.plus(Duration.ofHours(5));
        assertThat(at(late).holds(Optional.empty()))
                .containsExactly("The next coat would not bite any more: flat it back first.");
        make(new Keyed("surface-1", late));
        assertThat(at(late).holds(Optional.empty())).isEmpty();
        assertThat(coating().next().map(CoatStep::what)).contains("light coat 2 of 2 of colour");
    }

    /** What raking light shows is mended while it can be: neither the look nor a coat is ticked off before. */
    @Test
    void whatIsMappedIsMendedBeforeTheNextCoat() {
        until(Kind.LOOK, MORNING);
        make(new FlawMapped("surface-1", new Flaw(coating().nextFlaw(), Flaw.Kind.DENT, new Point(200, 80), false)));
        make(new FlawMapped("surface-1", new Flaw(coating().nextFlaw(), Flaw.Kind.RUN, new Point(20, 8), false)));
        assertThat(at(MORNING).holds(Optional.empty())).containsExactly("2 flaws are mapped and not mended.");
        make(new FlawMended("surface-1", 1));
        assertThat(at(MORNING).holds(Optional.empty())).containsExactly("A run is mapped and not mended.");
        make(new FlawMended("surface-1", 2));
        assertThat(at(MORNING).holds(Optional.empty())).isEmpty();
    }

    /** A card that holds the batch holds a coat of colour as well, and not the washing. */
    @Test
    void theCardHoldsItsCoats() {
        assertThat(at(MORNING).holds(Optional.of("Held by its card."))).isEmpty();
        var at = until(Kind.COLOUR, MORNING);
        assertThat(at(at).holds(Optional.of("Held by its card."))).containsExactly("Held by its card.");
    }

    /** The last step is ticked off once each trial came out well; one that fails goes back to its cause, with what it cost. */
    @Test
    void aTrialThatFailsGoesBackToItsCause() {
        var at = until(Kind.TRY, MORNING);
        assertThat(coating().trials()).as("hard plastic is not bent").containsExactly(Trial.RUB, Trial.WET, Trial.HAND);
        assertThat(at(at).holds(Optional.empty())).hasSize(3);
        var step = coating().done().size();
        make(new TrialMade("surface-1", new Tried(step, Trial.RUB, true)));
        make(new TrialMade("surface-1", new Tried(step, Trial.WET, false)));
        assertThat(at(at).holds(Optional.empty()))
                .contains("Wet failed: say why, and go back to it.", "Hand is not tried yet.");
        make(new CoatingWentWrong("surface-1", new GoneWrong("dash top", Cause.SILICONE, 3, 2, 0.5, MORNING)));
        assertThat(coating().next().map(CoatStep::kind)).contains(Kind.DEGREASE);
        assertThat(coating().tried()).isEmpty();
        assertThat(book.coatings().gone()).extracting(GoneWrong::cost).containsExactly("3 h, 2 days, 0.5 tins");

        var again = until(Kind.TRY, at);
        for (var trial : coating().trials())
            make(new TrialMade("surface-1", new Tried(coating().done().size(), trial, true)));
        assertThat(at(again).holds(Optional.empty())).isEmpty();
        make(new StepDone("surface-1", "next", again));
        assertThat(book.coatings().open()).isEmpty();
    }

    /** What a cause has cost here goes before the rule of thumb, which counts as two that were had. */
    @Test
    void whatItCostTeaches() {
        var had = List.of(
                new GoneWrong("a", Cause.SILICONE, 1, 5, 0, MORNING),
                new GoneWrong("b", Cause.TOO_SOON, 1, 9, 0, MORNING));
        assertThat(GoneWrong.days(had, Cause.SILICONE)).isEqualTo((2 * 2 + 5) / 3.0);
        assertThat(GoneWrong.days(List.of(), Cause.SILICONE)).isEqualTo(2);
    }

    @Test
    void ofAWrongSheenTheClearIsLaidAnew() {
        var withClear = coating().steps();
        assertThat(withClear.get(Cause.WRONG_SHEEN.backTo(withClear)).kind()).isEqualTo(Kind.CLEAR);
        var without =
                new CoatSystem(Ground.HARD_PLASTIC, Binder.ACRYLIC, Binder.ACRYLIC, false, 2, 0).steps(Products.USUAL);
        assertThat(without.get(Cause.WRONG_SHEEN.backTo(without)).kind()).isEqualTo(Kind.COLOUR);
    }

    /** A hide is tried on a hidden face before it is filled: rubbed and wetted there, bent at the end. */
    @Test
    void aHideIsTriedOnAHiddenFaceFirst() {
        var steps = new HideRepair(Ground.LEATHER, 0.6, Optional.empty(), Optional.empty()).steps(Products.USUAL);
        var hide = Coating.begun("surface-2", "bolster", List.of(), Ground.LEATHER, 0.5, steps);
        var kinds = steps.stream().map(CoatStep::kind).toList();
        var hidden = kinds.indexOf(Kind.TRY);
        assertThat(hidden).isLessThan(kinds.indexOf(Kind.FILL));
        make(new CoatingBegun(hide));
        for (var i = 0; i < hidden; i++) make(new StepDone("surface-2", "next", MORNING));
        assertThat(book.coatings().find("surface-2").orElseThrow().trials()).containsExactly(Trial.RUB, Trial.WET);
    }

    /** Short waits are stood by, long ones are left to themselves, and less is left with every step. */
    @Test
    void theWorkThatIsLeftGrowsLess() {
        var whole = new CoatingEffort(coating());
        assertThat(whole.dries()).isGreaterThanOrEqualTo(Duration.ofHours(48));
        until(Kind.CURE, MORNING);
        var left = new CoatingEffort(coating());
        assertThat(left.hours()).isLessThan(whole.hours()).isGreaterThan(0);
        assertThat(left.dries()).isEqualTo(Duration.ofHours(48));
    }

    @Test
    void anIdIsGivenOnce() {
        make(new CoatingChange.CoatingDropped("surface-1"));
        assertThat(book.coatings().nextId()).isEqualTo("surface-2");
    }

    /** The first and the last coat are the lightest, and what is still to be laid is counted, less with every coat. */
    @Test
    void whatIsStillToBeLaidIsOnTheListOfStores() {
        assertThat(coating().steps().stream()
                        .filter(step -> step.kind() == Kind.COLOUR)
                        .map(CoatStep::grams))
                .containsExactly(100.0, 100.0);
        assertThat(CoatWeight.all(3)).isEqualTo(100 + 160 + 100);
        assertThat(needs()).containsExactly("100 g of colour", "50 g of lacquer");
        var at = until(Kind.COLOUR, MORNING);
        make(new StepDone("surface-1", "next", at));
        assertThat(needs()).containsExactly("50 g of colour", "50 g of lacquer");
    }

    private List<String> needs() {
        return JobNeeds.of(Patterns.EMPTY, new CuttingTable.Clear(), book, 6, "£").stream()
                .map(Need::said)
                .toList();
    }
}
