package welumen.strip.account;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.account.MustPhoto.CABLES;
import static welumen.strip.account.MustPhoto.EDGES;
import static welumen.strip.account.MustPhoto.WASHERS;
import static welumen.strip.account.MustPhoto.WHOLE;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.strip.Saloon;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingPlaces;

class MustPhotoTest {
    @Test
    void eachKindOfPartWantsItsOwnPictures() {
        var cabin = Saloon.cabin();
        assertThat(MustPhoto.of(cabin.one(Saloon.SILL), List.of())).containsExactly(WHOLE);
        assertThat(MustPhoto.of(cabin.one(Saloon.CARPET), List.of())).containsExactly(WHOLE, EDGES);
        assertThat(MustPhoto.of(cabin.one(Saloon.SEAT), List.of(new FixingPlaces(1, FixingKind.PLUG, "", ""))))
                .containsExactly(WHOLE, CABLES, WASHERS);
    }

    @Test
    void eachPictureTakenAnswersTheNext() {
        var seat = Saloon.cabin().one(Saloon.SEAT);
        assertThat(MustPhoto.lacking(seat, Saloon.log(), 0)).containsExactly(WHOLE, WASHERS);
        assertThat(MustPhoto.lacking(seat, Saloon.log(), 1)).containsExactly(WASHERS);
        assertThat(MustPhoto.lacking(seat, Saloon.log(), 5)).isEmpty();
    }
}
