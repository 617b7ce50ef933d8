package welumen.whatif;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.diary.book.DiaryChange.DayPromised;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.InDiary;
import welumen.job.JobChange.Together;
import welumen.measure.DayText;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Mark;
import welumen.survey.Severity;
import welumen.survey.SurveyChange.FindingMade;

/** Something that may come about. */
public sealed interface Supposed {
    /** In words, “rust through on the right rear floor”. */
    String said(Cabin cabin);

    /**
     * Something is found that stops the work.
     *
     * @param sizeMm how far across
     * @param until the day by which others have mended it; empty for as long as such things take
     */
    record Found(PartId part, FindingKind kind, double sizeMm, Optional<LocalDate> until) implements Supposed {
        @Override
        public String said(Cabin cabin) {
            return "%s, %.0f mm, on the %s%s"
                    .formatted(
                            kind.word(),
                            sizeMm,
                            cabin.named(part).name(),
                            until.map(day -> ", mended by " + DayText.said(day)).orElse(""));
        }

        /** What would be noted. */
        public JobChange change(Job job, LocalDate today) {
            var outline = job.cabin().one(part).kind().outline();
            var finding = new Finding(
                    job.survey().nextFinding(),
                    part,
                    kind,
                    new Mark.Dot(outline.box().middle()),
                    sizeMm,
                    Severity.BAD,
                    "",
                    List.of(),
                    true);
            var changes = new ArrayList<JobChange>(List.of(new AtSurvey(new FindingMade(finding))));
            until.ifPresent(day -> changes.add(new InDiary(new DayPromised("held:" + part, day, "", today))));
            return Together.of(changes);
        }
    }

    /**
     * What is awaited comes on another day.
     *
     * @param task its id
     * @param what in words
     */
    record Comes(String task, String what, LocalDate day) implements Supposed {
        @Override
        public String said(Cabin cabin) {
            return "%s comes on %s".formatted(what, DayText.said(day));
        }

        /** What would be noted. */
        public JobChange change(LocalDate today) {
            return new InDiary(new DayPromised(task, day, "", today));
        }
    }

    /** Somebody is not there, both days included. */
    record Gone(String person, LocalDate first, LocalDate last) implements Supposed {
        @Override
        public String said(Cabin cabin) {
            return first.equals(last)
                    ? "%s is away on %s".formatted(person, DayText.said(first))
                    : "%s is away from %s to %s".formatted(person, DayText.said(first), DayText.said(last));
        }
    }

    /**
     * What was kept beside the plan, seen once more as things stand now.
     *
     * @param id under which it is kept
     * @param words in which it was said
     * @param change what would be noted
     */
    record Kept(String id, String words, JobChange change) implements Supposed {
        @Override
        public String said(Cabin cabin) {
            return words;
        }
    }
}
