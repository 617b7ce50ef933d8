package welumen.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.Saloon.CARPET;
import static welumen.strip.Saloon.SEAT;
import static welumen.strip.Saloon.SILL;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.cabin.PartNames;
import welumen.strip.Lap;
import welumen.strip.Saloon;
import welumen.strip.StripChange.LapNoted;
import welumen.survey.Station.Verdict;

class LappedTest {
    @Test
    void whatANeighbourCoversIsNotShort() {
        var log = Saloon.log().after(new LapNoted(new Lap(SILL, CARPET, 30, false)));
        var measured = StationText.read("sill -9\ntunnel -9\nsill at the rear -9, covered 8\nbulkhead +12")
                .orThrow();
        assertThat(Lapped.of(Saloon.cabin(), log, CARPET, measured))
                .extracting(Station::verdict)
                .containsExactly(Verdict.HIDDEN, Verdict.SHORT, Verdict.SHORT, Verdict.TRIM);
        assertThat(Lapped.of(Saloon.cabin(), Saloon.log(), CARPET, measured)).isEqualTo(measured);
    }

    @ParameterizedTest
    @CsvSource({
        "tunnel +12, 12",
        "tunnel -6, -6",
        "tunnel −6.5, -6.5",
        "sill: + 3, 3",
        "sill over 4, 4",
        "sill short 5, -5"
    })
    void aMeasureMayHaveASign(String typed, double over) {
        assertThat(StationText.read(typed).orThrow()).containsExactly(new Station(typed.split("[ :]")[0], over, 0));
    }

    @Test
    void onTheLeftIsLeft() {
        for (var name : List.of("left front seat", "front seat on the left", "the front seat on the left side"))
            assertThat(PartNames.findOne(Saloon.cabin(), name)).as(name).hasValue(SEAT);
    }
}
