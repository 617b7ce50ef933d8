package welumen.treatment;

import java.util.List;
import welumen.care.Caution;
import welumen.intake.School;

/** The cautions that a school brings with it. */
public final class SchoolCautions {
    private SchoolCautions() {}

    public static List<Caution> of(School school) {
        return switch (school) {
            case ONE_TOUCH, NEAR_DRY, SMALL_SECTIONS, TWO_PART, AT_THE_CAR, CLOTH_ON_BENCH, PARTS_OUT ->
                List.of(Caution.FUMES);
            case MELTED, SLIT_AND_COPIED -> List.of(Caution.HOT_TOOLS);
            case LEFT_LONG, CROSS_SLIT, SLIT_LATE -> List.of(Caution.SPRINGS_AND_BLADES);
            case WHOLE_WITH_HELPER -> List.of(Caution.LIFTING);
            case SEATS_FROM_ELSEWHERE, SEATS_USED -> List.of(Caution.SEATS_AND_BELTS);
            case TESTED_FIRST -> List.of(Caution.AIRBAGS);
            default -> List.of();
        };
    }
}
