package welumen.strip.reach;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.Saloon.SEAL;
import static welumen.strip.Saloon.SILL;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.Cabin;
import welumen.strip.Saloon;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripLog;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingPlaces;
import welumen.strip.line.Shorthand;

class EarlierCarTest {
    /** One more clip was hidden on the first car: on the next of its model it is expected. */
    @Test
    void theOneMoreThatWasHiddenIsExpectedNextTime() {
        var earlier = Saloon.log()
                .after(new StepLogged(Shorthand.read("off, lifted", SEAL, Saloon.cabin(), Saloon.log())
                        .step(1, List.of())));
        earlier = earlier.after(new StepLogged(
                Shorthand.read("6 screws no. 8, 3 clips, 1 screw never there", SILL, Saloon.cabin(), earlier)
                        .step(2, List.of())));
        var next = StripLog.EMPTY;
        for (var lesson : EarlierCar.lessons(earlier, Saloon.cabin())) next = next.after(lesson);
        assertThat(next.placesOf(SILL))
                .containsExactly(
                        new FixingPlaces(6, FixingKind.SCREW, "no. 8", ""),
                        new FixingPlaces(3, FixingKind.TRIM_CLIP, "", ""));
        assertThat(next.rules()).containsExactlyElementsOf(Saloon.log().rules());
        assertThat(WhatHolds.of(next, SILL)).hasSize(3);
    }

    @Test
    void whatThisCarLacksIsLeftOut() {
        var withoutSeal = new Cabin(Saloon.cabin().parts().stream()
                .filter(part -> !part.id().equals(SEAL))
                .toList());
        assertThat(EarlierCar.lessons(Saloon.log(), withoutSeal))
                .filteredOn(StripRuleNoted.class::isInstance)
                .hasSize(3);
        assertThat(EarlierCar.lessons(Saloon.log(), withoutSeal))
                .filteredOn(PlacesNoted.class::isInstance)
                .hasSize(1);
    }
}
