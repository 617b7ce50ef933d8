package welumen.diary;

import java.util.Optional;
import welumen.cabin.Part;
import welumen.diary.task.OneChance;
import welumen.diary.task.TaskKind;
import welumen.strip.StripLog;
import welumen.strip.account.OneWay;

/** Which steps have only one chance. */
final class OneChances {
    private OneChances() {}

    /** Of what is done at the bench. */
    static Optional<OneChance> atTheBench(TaskKind kind) {
        return switch (kind) {
            case COLOUR -> Optional.of(OneChance.SPRAY);
            case LAY -> Optional.of(OneChance.TRIM_LINE);
            case AWAIT,
                    CHOOSE,
                    ORDER,
                    TAKE_OFF,
                    LOOK,
                    DRAW,
                    TRY,
                    CUT,
                    SEW,
                    TREAT,
                    BUILD,
                    SEND_OUT,
                    FETCH,
                    PUT_BACK,
                    TEST,
                    CHECK,
                    HAND_OVER -> Optional.empty();
        };
    }

    /** Of what goes back into the car. */
    static Optional<OneChance> puttingBack(Part part, StripLog log) {
        return OneWay.isGlued(log, part) ? Optional.of(OneChance.GLUE) : Optional.empty();
    }
}
