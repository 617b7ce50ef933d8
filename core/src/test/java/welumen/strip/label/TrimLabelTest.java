package welumen.strip.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cabin.PartId;
import welumen.cabin.Spot;
import welumen.strip.Saloon;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripLog;
import welumen.strip.line.Shorthand;

class TrimLabelTest {
    private static final UUID JOB = new UUID(0x1963, 1);

    private static StripLog log() {
        var log = Saloon.log();
        for (var line : List.of("6 screws no. 8, bag 13", "2 clips grey under the door seal, bag 14, off"))
            log = log.after(new StepLogged(
                    Shorthand.read(line, Saloon.SILL, Saloon.cabin(), log).step(log.nextStep(), List.of())));
        return log;
    }

    @Test
    void aBagsLabelSaysItsNumberWhatIsInItAndWhere() {
        var label =
                TrimLabel.ofBag(Saloon.cabin(), log(), 14, JOB, "the saloon").orElseThrow();
        assertThat(label.big()).isEqualTo("14");
        assertThat(label.lines()).containsExactly("Left sill cover: 2 trim clips, grey");
        assertThat(label.places()).containsExactly(Spot.SILL_LEFT);
        assertThat(TrimLabel.ofBag(Saloon.cabin(), log(), 15, JOB, "the saloon"))
                .isEmpty();
    }

    @Test
    void aPartsLabelSaysItsNameAndItsBags() {
        var label = TrimLabel.ofPart(Saloon.cabin(), log(), Saloon.SILL, JOB, "the saloon");
        assertThat(label.big()).isEqualTo("Left sill cover");
        assertThat(label.lines()).containsExactly("Bag 13, Bag 14");
        assertThat(TrimLabel.ofPart(Saloon.cabin(), log(), Saloon.SEAT, JOB, "the saloon")
                        .lines())
                .containsExactly("seat");
    }

    @Property
    void everyCodeReadsAsItWasWritten(@ForAll @IntRange(min = 1, max = 9999) int number, @ForAll long job) {
        var mark = LabelCode.mark(new UUID(job, ~job));
        LabelCode bag = new LabelCode.OfBag(mark, number);
        LabelCode part = new LabelCode.OfPart(mark, new PartId("left-part-" + number));
        for (var code : List.of(bag, part)) {
            assertThat(code.text()).matches("[0-9A-Z $%*+./:-]+"); // what a small code can hold
            assertThat(LabelCode.read(code.text())).contains(code);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "W1",
                "W1:00000001:B0",
                "W1:00000001:B12345",
                "W1:1:B3",
                "W2:00000001:B3",
                "W1:00000001:Pleft"
            })
    void whatIsNoLabelIsNone(String text) {
        assertThat(LabelCode.read(text)).isEqualTo(Optional.empty());
    }
}
