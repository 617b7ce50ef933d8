package welumen.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import welumen.finish.coat.Binder;
import welumen.finish.coat.Cause;
import welumen.finish.coat.CoatStep;
import welumen.finish.coat.CoatStep.Kind;
import welumen.finish.coat.CoatSystem;
import welumen.finish.coat.Ground;
import welumen.finish.coat.HideRepair;
import welumen.finish.mask.MaskOrRemove;
import welumen.yard.Products;

class CoatsTest {
    private static List<Kind> kinds(List<CoatStep> steps) {
        return steps.stream().map(CoatStep::kind).toList();
    }

    /** Silicone off before it is keyed; looked at before colour and after its first coat; first and last coat lightest. */
    @Test
    void theStepsStandInTheirOrder() {
        var steps =
                new CoatSystem(Ground.HARD_PLASTIC, Binder.ACRYLIC, Binder.ACRYLIC, true, 3, 2).steps(Products.USUAL);
        assertThat(kinds(steps))
                .containsExactly(
                        Kind.WASH,
                        Kind.DEGREASE,
                        Kind.KEY,
                        Kind.PRIME,
                        Kind.KEY,
                        Kind.LOOK,
                        Kind.COLOUR,
                        Kind.LOOK,
                        Kind.COLOUR,
                        Kind.COLOUR,
                        Kind.CLEAR,
                        Kind.CLEAR,
                        Kind.CURE,
                        Kind.TRY);
        assertThat(steps.stream().filter(step -> step.kind() == Kind.COLOUR))
                .extracting(CoatStep::what)
                .containsExactly("light coat 1 of 3 of colour", "coat 2 of 3 of colour", "light coat 3 of 3 of colour");
        assertThat(steps)
                .as("what is laid has its grams, and nothing else has")
                .allSatisfy(step ->
                        assertThat(step.grams() > 0).isEqualTo(step.kind().isCoat()));
        assertThat(steps).filteredOn(step -> step.kind() == Kind.LOOK).allMatch(CoatStep::isStop);
        assertThat(new CoatSystem(Ground.HARD_PLASTIC, Binder.ACRYLIC, Binder.ACRYLIC, true, 3, 2)
                        .waits(Products.USUAL))
                .isGreaterThan(Duration.ofHours(48));
    }

    @Test
    void whatBendsWantsWhatBends() {
        assertThat(new CoatSystem(Ground.VINYL, Binder.TWO_PACK, Binder.FLEXIBLE, true, 3, 0).refused())
                .containsExactly("Vinyl bends, and two-pack does not bend with it: take a flexible system.");
        assertThat(new CoatSystem(Ground.VINYL, Binder.FLEXIBLE, Binder.FLEXIBLE, false, 3, 0).refused())
                .isEmpty();
    }

    @Test
    void productsThatDoNotGoTogetherAreRefused() {
        assertThat(new CoatSystem(Ground.METAL, Binder.CELLULOSE, Binder.ENAMEL, false, 3, 0).refused())
                .containsExactly("Cellulose does not go over enamel: its thinners lift enamel.");
        assertThat(new CoatSystem(Ground.METAL, Binder.CELLULOSE, Binder.ENAMEL, true, 3, 0).refused())
                .as("on bare metal nothing lies beneath")
                .isEmpty();
        assertThatThrownBy(() -> new CoatSystem(Ground.METAL, Binder.ACRYLIC, Binder.ACRYLIC, true, 0, 1))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** Only what is deep is filled, in thin layers; it is tried on a hidden face, and it ends with rub, bend and wet. */
    @Test
    void aHideIsMendedStepByStep() {
        var shallow = new HideRepair(Ground.LEATHER, 0.2, Optional.empty(), Optional.empty());
        var deep = new HideRepair(Ground.LEATHER, 1.2, Optional.empty(), Optional.empty());
        assertThat(kinds(shallow.steps(Products.USUAL))).doesNotContain(Kind.FILL);
        assertThat(kinds(deep.steps(Products.USUAL)))
                .filteredOn(Kind.FILL::equals)
                .hasSize(3);
        assertThat(deep.steps(Products.USUAL).get(2).what())
                .isEqualTo("lay all of it on a hidden face, and let it dry");
        assertThat(deep.steps(Products.USUAL).getLast().isStop()).isTrue();
        assertThat(new HideRepair(Ground.LEATHER, 4, Optional.empty(), Optional.empty()).isTooDeep())
                .isTrue();
    }

    @Test
    void nearAnAirbagNothingIsFilledOrColoured() {
        assertThat(new HideRepair(Ground.LEATHER, 1, Optional.of("a seam that opens"), Optional.empty())
                        .steps(Products.USUAL))
                .isEmpty();
    }

    /** Silicone goes back to where it is taken off, a wrong colour to the colour only. */
    @Test
    void whatFailedGoesBackToItsCause() {
        var silicone = new HideRepair(Ground.VINYL, 0.6, Optional.empty(), Optional.of(Cause.SILICONE));
        var colour = new HideRepair(Ground.VINYL, 0.6, Optional.empty(), Optional.of(Cause.WRONG_COLOUR));
        assertThat(kinds(silicone.steps(Products.USUAL)).getFirst()).isEqualTo(Kind.DEGREASE);
        assertThat(kinds(colour.steps(Products.USUAL)).getFirst()).isEqualTo(Kind.COLOUR);
        assertThat(Cause.SILICONE.days()).isGreaterThan(Cause.WRONG_COLOUR.days());
    }

    @Test
    void maskOrTakeOffPartByPart() {
        assertThat(new MaskOrRemove("vent", 0.6, 0.3, true, true).said())
                .isEqualTo("Mask the vent: it may break when it comes off.");
        assertThat(new MaskOrRemove("handle", 0.4, 0.2, false, true).said())
                .isEqualTo("Take off the handle: it lies over what is sprayed, and a line would show.");
        assertThat(new MaskOrRemove("lamp", 0.5, 0.4, false, false).said())
                .isEqualTo("Mask the lamp: 5 min with its risk, 31 min to take it off and put it back.");
        assertThat(new MaskOrRemove("rail", 10, 0.2, false, false).said())
                .isEqualTo("Take off the rail: 1.5 h to mask it with its risk, 19 min to take it off and put it back.");
    }
}
