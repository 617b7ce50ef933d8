package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.Saloon.CARPET;
import static welumen.strip.Saloon.SEAT;
import static welumen.strip.Saloon.SILL;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.InCustody;
import welumen.strip.Saloon;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripReason;
import welumen.strip.StripRule;
import welumen.strip.line.Shorthand;

class TypedLineTest {
    private static final Job CAR =
            Job.EMPTY.after(new InCabin(new PartsListed(Saloon.cabin().parts())));

    @Test
    void lettersAlonePickWhatTheyMayMeanAndWhatIsStillOnFirst() {
        assertThat(picks("lsc", CAR)).containsExactly(SILL);
        assertThat(picks("lf", CAR)).containsExactly(SEAT, CARPET);
        var off = CAR.after(new AtStrip(new StepLogged(
                Shorthand.read("off", SEAT, CAR.cabin(), CAR.strip()).step(1, List.of()))));
        assertThat(picks("lf", off)).containsExactly(CARPET, SEAT);
    }

    /** The part that is picked already is picked again; a bare “off” would be logged by mistake otherwise. */
    @Test
    void thePickedPartsOwnLettersLogNothing() {
        assertThat(picks("lsc", CAR)).containsExactly(SILL);
        assertThat(TypedLine.read("left sill cover", SILL, CAR)).isInstanceOf(TypedLine.Picks.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"lifted", "off", "6 screws", "zebra crossing", "lsc, lifted", "peeled"})
    void whatSaysSomethingIsAStep(String line) {
        assertThat(TypedLine.read(line, SILL, CAR)).isInstanceOf(TypedLine.Says.class);
    }

    @Test
    void whatTellsOfThePartIsNoted() {
        assertThat(TypedLine.read("held by 6 screws no. 8", SILL, CAR))
                .isInstanceOfSatisfying(
                        TypedLine.Notes.class,
                        notes -> assertThat(notes.change()).isInstanceOf(AtStrip.class));
        assertThat(TypedLine.read("covered by left front seat or left front carpet", SILL, CAR))
                .isEqualTo(new TypedLine.Notes(new AtStrip(
                        new StripRuleNoted(new StripRule(SILL, StripReason.COVERED_BY, List.of(SEAT, CARPET))))));
        assertThat(TypedLine.read("2 clips, covered by left front seat", SILL, CAR))
                .as("with fixings it is a step, and the rule with it")
                .isInstanceOf(TypedLine.Says.class);
        assertThat(TypedLine.read("is back", SILL, CAR))
                .isInstanceOfSatisfying(
                        TypedLine.Notes.class,
                        notes -> assertThat(notes.change()).isInstanceOf(InCustody.class));
        assertThat(TypedLine.read("  ", SILL, CAR)).isEqualTo(new TypedLine.Nothing());
    }

    private static List<PartId> picks(String line, Job job) {
        return ((TypedLine.Picks) TypedLine.read(line, SILL, job))
                .parts().stream().map(Part::id).toList();
    }
}
