package welumen.diary;

import java.time.Duration;
import java.util.Map;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.diary.book.DiaryBook;
import welumen.finish.FinishBook;
import welumen.intake.Brief;
import welumen.pattern.Patterns;
import welumen.refit.Reopening;
import welumen.refit.SignOff;
import welumen.schedule.Effort;
import welumen.strip.LearntTimes;
import welumen.strip.account.OneWay;
import welumen.survey.Survey;
import welumen.treatment.Choices;
import welumen.treatment.TreatmentHours;
import welumen.yard.Products;

/**
 * The work on one car as it stands: what its tasks are made from.
 *
 * @param loadHolds pieces that the spray place takes at once
 */
public record Standing(
        Cabin cabin,
        Brief brief,
        Survey survey,
        Choices choices,
        Patterns patterns,
        SignOff signOff,
        LearntTimes times,
        TreatmentHours benchTimes,
        Map<PartId, String> guarded,
        DiaryBook book,
        Products products,
        FinishBook finish,
        int loadHolds,
        boolean isHome) {
    /** Shares of the usual time that taking off and putting back take at the least and at the most. */
    private static final double LOW = 0.7;

    private static final double HIGH = 1.8;

    Effort takesOff(PartId part) {
        return about(times.takesOff(cabin.one(part)));
    }

    Effort putsBack(PartId part) {
        return about(times.putsBack(cabin.one(part)));
    }

    private static Effort about(Duration usual) {
        var hours = usual.toSeconds() / 3600.0;
        return Effort.ofHours(LOW * hours, hours, HIGH * hours);
    }

    /** A part that comes off again: how long that takes there and back, and what is lost with it. */
    public Reopening.Line reopened(PartId part) {
        var one = cabin.one(part);
        return new Reopening.Line(
                part, times.takesOff(one), times.putsBack(one), OneWay.lostWith(signOff.strip(), one));
    }

    String name(PartId part) {
        return "the " + cabin.findOne(part).map(Part::name).orElse(part.value());
    }

    /** How many people it takes to carry or hold such a part. */
    int hands(PartId part) {
        return switch (cabin.one(part).kind()) {
            case HEADLINING, DASH, SEAT, REAR_SEAT, HOOD -> 2;
            default -> 1;
        };
    }
}
