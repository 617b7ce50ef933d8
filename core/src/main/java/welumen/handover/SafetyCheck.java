package welumen.handover;

import java.util.ArrayList;
import java.util.List;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.custody.Custody;
import welumen.intake.Brief;
import welumen.strip.StripCautions;
import welumen.strip.StripLog;
import welumen.strip.account.FixingLedger;
import welumen.strip.fixing.FixingKind;

/** Something that holds lives and was apart: somebody qualified looks at it and is named before the car goes home. */
public record SafetyCheck(PartId part, What what) {
    /** What is looked at. */
    public enum What {
        TORQUE("tightened with the maker's grade of fixing and torque"),
        AIRBAG_LAMP("airbag lamp comes on with the ignition and goes out again"),
        PLUG_LABELLED("its plug is labelled, insulated and tied back where it will be reached");

        private final String sentence;

        What(String sentence) {
            this.sentence = sentence;
        }

        public String sentence() {
            return sentence;
        }
    }

    /**
     * The checks that a car wants: seats, runners and belts that were off, the lamp where airbags were near the work, and the
     * plugs of what comes later.
     */
    public static List<SafetyCheck> wantedBy(Cabin cabin, Brief brief, StripLog strip, Custody custody) {
        var checks = new ArrayList<SafetyCheck>();
        var off = strip.everOff();
        for (var part : cabin.parts())
            if (off.contains(part.id()) && StripCautions.holdsLives(part.kind()))
                checks.add(new SafetyCheck(part.id(), What.TORQUE));
        if (brief.hasAirbags())
            cabin.parts().stream()
                    .filter(part -> part.kind() == PartKind.BATTERY && off.contains(part.id()))
                    .findFirst()
                    .ifPresent(battery -> checks.add(new SafetyCheck(battery.id(), What.AIRBAG_LAMP)));
        for (var part : strip.off())
            if (comesLater(custody, part) && cabin.findOne(part).isPresent() && hasPlugs(strip, part))
                checks.add(new SafetyCheck(part, What.PLUG_LABELLED));
        return checks;
    }

    private static boolean comesLater(Custody custody, PartId part) {
        return custody.isNotToComeBack(part) || custody.leftOff().containsKey(part);
    }

    private static boolean hasPlugs(StripLog strip, PartId part) {
        return FixingLedger.of(strip, part).stream()
                .anyMatch(row -> (row.kind() == FixingKind.PLUG || row.kind() == FixingKind.CABLE) && row.usable() > 0);
    }
}
