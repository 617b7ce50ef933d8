package welumen.survey;

import java.util.List;
import welumen.cabin.PartId;

/** What happens while parts are looked at. */
public sealed interface SurveyChange {
    record FindingMade(Finding finding) implements SurveyChange {}

    /** A finding as it should have been noted; it stands in place of the one with its number. */
    record FindingCorrected(Finding finding) implements SurveyChange {}

    /** It was noted by mistake. What it held by itself is let go. */
    record FindingStruck(int number) implements SurveyChange {}

    /** Somebody has looked at the part and found nothing, or nothing more. */
    record LookedAt(PartId part) implements SurveyChange {}

    /**
     * A bought part was measured where it must reach.
     *
     * @param stations in place of those measured before
     */
    record FitMeasured(PartId part, List<Station> stations) implements SurveyChange {
        public FitMeasured {
            stations = List.copyOf(stations);
        }
    }

    /**
     * Where damp, mould, a smell or vermin on a part came from was found, and cured.
     *
     * @param cause where it came from, and how it was tried since
     */
    record CauseCured(PartId part, String cause) implements SurveyChange {
        public CauseCured {
            if (cause.isBlank())
                throw new IllegalArgumentException("Say where it came from, and how it was tried since.");
        }
    }

    /** Nothing may cover or close this part until it is let go. */
    record HoldPut(PartId part, String because) implements SurveyChange {}

    /** @param by who let it go, having seen to it */
    record HoldLifted(PartId part, String by) implements SurveyChange {}

    /** Aged alike and seen together: all keep their patina, or none does. */
    record PatinaGrouped(List<PartId> parts) implements SurveyChange {
        public PatinaGrouped {
            parts = List.copyOf(parts);
        }
    }

    /** Somebody qualified has answered for a part that has to do with an airbag or a belt. */
    record QualifiedAnswered(PartId part, QualifiedAnswer answer) implements SurveyChange {}
}
