package welumen.survey;

import welumen.cabin.PartId;

/** What happens while parts are looked at. */
public sealed interface SurveyChange {
    record FindingMade(Finding finding) implements SurveyChange {}

    /** @param because why this one; may be empty */
    record TreatmentChosen(PartId part, Treatment treatment, String because) implements SurveyChange {}

    /** The chosen treatment has been done. */
    record TreatmentDone(PartId part) implements SurveyChange {}

    /** Nothing may cover or close this part until it is let go. */
    record HoldPut(PartId part, String because) implements SurveyChange {}

    /** @param by who let it go, having seen to it */
    record HoldLifted(PartId part, String by) implements SurveyChange {}
}
