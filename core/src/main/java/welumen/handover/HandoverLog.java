package welumen.handover;

import java.util.HashMap;
import java.util.Map;
import welumen.cabin.PartId;
import welumen.handover.HandoverChange.Checked;
import welumen.handover.HandoverChange.SignedFor;

/**
 * What was checked before the car went home, and who signed for it.
 *
 * @param checked who did each check
 * @param signedBy who has the car; empty while it is here
 */
public record HandoverLog(Map<SafetyCheck, String> checked, String signedBy) {
    public static final HandoverLog EMPTY = new HandoverLog(Map.of(), "");

    public HandoverLog {
        checked = Map.copyOf(checked);
    }

    /** @throws IllegalArgumentException if nobody is named */
    public HandoverLog after(HandoverChange change) {
        return switch (change) {
            case Checked(var check, var by) -> {
                var more = new HashMap<>(checked);
                more.put(check, named(by));
                yield new HandoverLog(more, signedBy);
            }
            case SignedFor(var by) -> new HandoverLog(checked, named(by));
        };
    }

    /** What was checked on a part holds no more once it has come off again. */
    public HandoverLog cameOff(PartId part) {
        if (checked.keySet().stream().noneMatch(check -> check.part().equals(part))) return this;
        var fewer = new HashMap<>(checked);
        fewer.keySet().removeIf(check -> check.part().equals(part));
        return new HandoverLog(fewer, signedBy);
    }

    private static String named(String by) {
        if (by.isBlank()) throw new IllegalArgumentException("Say who, by name.");
        return by;
    }
}
