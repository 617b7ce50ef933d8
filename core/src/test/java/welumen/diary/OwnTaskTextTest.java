package welumen.diary;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.Saloon.SILL;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.cabin.CabinChange.PartsListed;
import welumen.diary.book.HandTask;
import welumen.diary.task.TaskKind;
import welumen.job.Job;
import welumen.job.JobChange.AtTreatment;
import welumen.job.JobChange.InCabin;
import welumen.measure.Parsed.Refused;
import welumen.strip.Saloon;
import welumen.treatment.Treatment;
import welumen.treatment.TreatmentChange.TreatmentChosen;

class OwnTaskTextTest {
    private final OwnTaskText text = new OwnTaskText(
            OpenTasks.of(Job.EMPTY
                    .after(new InCabin(new PartsListed(Saloon.cabin().parts())))
                    .after(new AtTreatment(new TreatmentChosen(SILL, Treatment.REFIX, "")))
                    .standing()),
            "own:1",
            Optional.of(SILL));

    private HandTask read(String words) {
        return text.read(words).orThrow();
    }

    @Test
    void readsWhatIsToBeDone() {
        var task = read("a loom for the switches, 1 to 3 h, 2 people, after take off sill, before put back sill cover");
        assertThat(task.what()).isEqualTo("a loom for the switches");
        assertThat(task.effort().likely()).isEqualTo(Duration.ofHours(2));
        assertThat(task.hands()).isEqualTo(2);
        assertThat(task.after()).containsExactly("take-off:" + SILL);
        assertThat(task.before()).containsExactly("put-back:" + SILL);
        assertThat(task.parts()).isEqualTo(List.of(SILL));
    }

    @Test
    void theFirstWordSaysWhoCan() {
        assertThat(read("sew a bag for the spare bulbs").kind()).isEqualTo(TaskKind.SEW);
        assertThat(read("sewn things to be sorted, 30 min").kind()).isEqualTo(TaskKind.TREAT);
        assertThat(read("sewn things to be sorted, 30 min").effort().likely()).isEqualTo(Duration.ofMinutes(30));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'' | Say what is to be done",
                "a loom, soon | neither its hours",
                "a loom, 0 h | no time for a task",
                "a loom, 3 to 1 h | no time for a task",
                "a loom, after the flood | No open task is called",
                "a loom, 0 people | Nobody would do it"
            })
    void saysWhatItDoesNotUnderstand(String words, String why) {
        assertThat(text.read(words))
                .isInstanceOfSatisfying(
                        Refused.class, refused -> assertThat(refused.why()).contains(why));
    }
}
