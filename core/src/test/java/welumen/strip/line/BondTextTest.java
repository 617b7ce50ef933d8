package welumen.strip.line;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.Saloon.CARPET;
import static welumen.strip.Saloon.MEMBER;
import static welumen.strip.Saloon.SEAL;
import static welumen.strip.Saloon.SILL;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.strip.Lap;
import welumen.strip.LooseGroup;
import welumen.strip.RefitLink;
import welumen.strip.RefitReason;
import welumen.strip.Saloon;
import welumen.strip.StripChange;
import welumen.strip.StripChange.LapNoted;
import welumen.strip.StripChange.LooseGroupNoted;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.RefitLinkNoted;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingPlaces;

class BondTextTest {
    @Test
    void placesAreToldBeforeAnythingComesOff() {
        assertThat(read("Held by 6 screws no. 8, 2 clips under the door seal"))
                .contains(new PlacesNoted(
                        SILL,
                        List.of(
                                new FixingPlaces(6, FixingKind.SCREW, "no. 8", ""),
                                new FixingPlaces(2, FixingKind.TRIM_CLIP, "", "under the door seal"))));
    }

    @Test
    void lapsAreToldFromEitherSideInEitherUnit() {
        assertThat(read("laps the left front carpet by 18 mm"))
                .contains(new LapNoted(new Lap(SILL, CARPET, 18, false)));
        assertThat(read("lapped by the left door seal 1/2 in tucked"))
                .contains(new LapNoted(new Lap(SEAL, SILL, 12.7, true)));
    }

    @Test
    void theOrderIsToldWithItsReason() {
        assertThat(read("goes in before the cross-member"))
                .contains(new RefitLinkNoted(new RefitLink(SILL, RefitReason.CANNOT_PASS_LATER, MEMBER)));
        assertThat(read("goes in after the left door seal, which hides it"))
                .contains(new RefitLinkNoted(new RefitLink(SEAL, RefitReason.HIDES, SILL)));
        assertThat(read("fit loose with the left door seal and the left front carpet"))
                .contains(new LooseGroupNoted(new LooseGroup(List.of(SILL, SEAL, CARPET))));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "6 screws no. 8",
                "held by magic",
                "held by the seat",
                "laps the roof by 18 mm",
                "laps the left front carpet by 3,240 mm",
                "laps the left sill cover by 8 mm",
                "goes in before lunch",
                "goes in before the cross-member, which sings"
            })
    void whatIsNotUnderstoodIsNoBond(String line) {
        assertThat(read(line)).isEqualTo(Optional.empty());
    }

    private static Optional<StripChange> read(String line) {
        return BondText.read(line, SILL, Saloon.cabin());
    }
}
