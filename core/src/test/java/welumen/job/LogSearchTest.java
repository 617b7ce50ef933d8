package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.Together;
import welumen.journal.Entry;
import welumen.journal.Note.Made;
import welumen.strip.Saloon;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripReason;
import welumen.strip.StripRule;
import welumen.strip.line.Shorthand;
import welumen.strip.reach.ReachPlanner;
import welumen.strip.reach.ReachPlanner.Reach;

class LogSearchTest {
    private final List<Entry<JobChange>> standing = new ArrayList<>();

    private void made(JobChange change) {
        var number = standing.size() + 1;
        standing.add(new Entry<>(number, Instant.ofEpochSecond(number), "Orla", new Made<>(change)));
    }

    /** A circle is shown with the entry that closed it, not with the rules that were right before. */
    @Test
    void theEntryThatClosedTheCircleIsFound() {
        for (var rule : Saloon.log().rules()) made(new AtStrip(new StripRuleNoted(rule)));
        var closing = new StripRule(Saloon.SEAL, StripReason.FOULS, Saloon.CARPET);
        made(new Together(List.of(new AtStrip(new StripRuleNoted(closing)))));
        made(new AtStrip(new StepLogged(Shorthand.read("loose", Saloon.SEAT, Saloon.cabin(), Saloon.log())
                .step(1, List.of()))));
        var log = Saloon.log().after(new StripRuleNoted(closing));
        var circle = (Reach.Circle) ReachPlanner.plan(Saloon.cabin(), log, Saloon.MEMBER);
        assertThat(LogSearch.circleMadeBy(standing, circle.parts()))
                .hasValueSatisfying(entry -> assertThat(entry.sequence()).isEqualTo(5));
        assertThat(LogSearch.lastStep(standing)).isEqualTo(Instant.ofEpochSecond(6));
    }

    @Test
    void whereNothingWasLoggedNothingIsFound() {
        assertThat(LogSearch.lastStep(standing)).isEqualTo(Instant.EPOCH);
        assertThat(LogSearch.circleMadeBy(standing, List.of(Saloon.SEAL))).isEmpty();
    }
}
