package welumen.cabin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.strip.Saloon;

class CabinTest {
    @Test
    void aPartListedAgainIsDescribedAnew() {
        var part = Saloon.cabin().one(Saloon.SEAL);
        var renamed =
                new Part(part.id(), "front seal", part.kind(), part.side(), part.spot(), "rubber", Supply.STILL_MADE);
        var cabin = Saloon.cabin().after(new PartsListed(List.of(renamed)));
        assertThat(cabin.parts()).hasSameSizeAs(Saloon.cabin().parts());
        assertThat(cabin.one(Saloon.SEAL).title()).isEqualTo("Front seal");
    }

    @Test
    void anUnknownPartIsNamedInTheMessage() {
        assertThatThrownBy(() -> Saloon.cabin().one(new PartId("roof"))).hasMessageContaining("[roof]");
        assertThatThrownBy(() -> new PartId("Left Sill")).hasMessageContaining("[Left Sill]");
    }

    @Test
    void aPartIsFoundByNameByItsLettersOrByWordsThatOnlyItHas() {
        var cabin = Saloon.cabin();
        assertThat(PartNames.findOne(cabin, "Left Sill Cover")).contains(Saloon.SILL);
        assertThat(PartNames.findOne(cabin, "lsc")).contains(Saloon.SILL);
        assertThat(PartNames.findOne(cabin, "carpet")).contains(Saloon.CARPET);
        assertThat(PartNames.findOne(cabin, "left")).isEmpty(); // four parts have it
        assertThat(PartNames.findOne(cabin, "l")).isEmpty();
    }

    /** The unfolded cabin is a drawing that can be trusted: no place crosses itself, the sides mirror each other. */
    @Test
    void everyPlaceIsAShapeWithinTheSheet() {
        for (var spot : Spot.values()) {
            assertThat(Outline.ofRing(spot.corners()).understood())
                    .as(spot.name())
                    .isPresent();
            assertThat(spot.box().minX()).isGreaterThanOrEqualTo(0);
            assertThat(spot.box().maxX()).isLessThanOrEqualTo(Spot.WIDTH);
            assertThat(spot.box().maxY()).isLessThanOrEqualTo(Spot.HEIGHT);
            if (spot.name().endsWith("_LEFT")) {
                var right = Spot.valueOf(spot.name().replace("_LEFT", "_RIGHT"));
                assertThat(Planar.polygon(Outline.ofRing(right.corners()).orThrow())
                                .getArea())
                        .as(spot.name())
                        .isCloseTo(
                                Planar.polygon(Outline.ofRing(spot.corners()).orThrow())
                                        .getArea(),
                                org.assertj.core.api.Assertions.within(150.0));
            }
        }
    }

    @Test
    void everyKindHasAnOutlineAndAWord() {
        for (var kind : PartKind.values()) {
            assertThat(kind.word()).isNotBlank();
            assertThat(kind.outline().area()).isPositive();
            assertThat(kind.takesOff().isNegative()).isFalse();
        }
    }
}
