package welumen.yard;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

class SlotTextTest {
    private static final WorkingHours EVENING = new WorkingHours(
            EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY), LocalTime.of(18, 0), LocalTime.of(20, 30));

    private static List<WorkingHours> read(String text) {
        return ((Understood<List<WorkingHours>>) SlotText.read(text)).value();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Mon to Fri 18:00 to 20:30",
                "mon-fri 18-20:30",
                "Monday, Tue, Wed to Fri 18:00–20:30",
                "mon tue wed thu fri 18:00 until 20:30"
            })
    void aSlotIsReadAsPeopleWriteIt(String text) {
        assertThat(read(text)).containsExactly(EVENING);
    }

    @Test
    void severalSlotsReadBack() {
        var slots = read("Sat to Mon 9 to 12; 18:00 to 20:30");

        assertThat(slots).hasSize(2);
        assertThat(slots.getFirst().days())
                .containsExactlyInAnyOrder(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY, DayOfWeek.MONDAY);
        assertThat(slots.getLast().days()).hasSize(7);
        assertThat(read(SlotText.say(slots))).isEqualTo(slots);
        assertThat(read("")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "evenings",
                "Mon 20:30 to 18:00",
                "Mon 18 to 25",
                "M 9 to 12",
                "Mon to Wed to Fri 9 to 12",
                "18:00"
            })
    void whatIsNoSlotIsRefused(String text) {
        assertThat(SlotText.read(text)).isInstanceOf(Refused.class);
    }
}
