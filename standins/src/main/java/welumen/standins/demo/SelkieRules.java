package welumen.standins.demo;

import static welumen.standins.demo.SelkieParts.id;
import static welumen.strip.StripReason.*;

import java.util.ArrayList;
import java.util.List;
import welumen.cabin.Cabin;
import welumen.strip.Lap;
import welumen.strip.RefitLink;
import welumen.strip.RefitReason;
import welumen.strip.StripChange;
import welumen.strip.StripChange.LapNoted;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.RefitLinkNoted;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripReason;
import welumen.strip.StripRule;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingPlaces;
import welumen.strip.reach.UsualRules;

/** What holds what in the Varrow Selkie, and the places where its parts are fixed. */
final class SelkieRules {
    private final List<StripChange> changes = new ArrayList<>();

    private SelkieRules() {}

    static List<StripChange> all() {
        var rules = new SelkieRules();
        for (var usual : UsualRules.of(new Cabin(SelkieParts.all()))) rules.changes.add(new StripRuleNoted(usual));
        rules.side("left");
        rules.side("right");
        rules.middle();
        return rules.changes;
    }

    private void side(String side) {
        rule(side + " rear pillar trim", COVERED_BY, "headlining");
        places(
                side + " sill cover",
                at(6, FixingKind.SCREW, "no. 8", ""),
                at(2, FixingKind.TRIM_CLIP, "", "under the door seal"));
        places(
                side + " front seat",
                at(4, FixingKind.BOLT, "M10×25", ""),
                at(1, FixingKind.PLUG, "", "under the cushion"));
        places(
                side + " seat runner cover",
                at(2, FixingKind.SCREW, "no. 8", ""),
                at(1, FixingKind.SCREW, "no. 8", "behind the lever"));
        places(
                side + " front carpet",
                at(38, FixingKind.PUSH_PIN, "", ""),
                at(8, FixingKind.EDGE_CLIP, "", "along the sill"));
        places(side + " front door card", at(14, FixingKind.TRIM_CLIP, "", ""), at(2, FixingKind.SCREW, "no. 6", ""));
        places(side + " front door pull", at(2, FixingKind.SCREW, "1/4\"", ""));
        places(side + " kick panel", at(4, FixingKind.SCREW, "no. 6", ""));
        refit(side + " front underlay", RefitReason.CANNOT_PASS_LATER, side + " kick panel");
        lap(side + " sill cover", side + " front carpet", 18);
        lap(side + " kick panel", side + " front carpet", 12);
        lap(side + " front door seal", side + " sill cover", 8);
    }

    private void middle() {
        rule("console", FIXED_THROUGH, "battery");
        rule("dash", FOULS, "glove box lid");
        rule("parcel shelf", TRAPPED_BEHIND, "rear backrest");
        places("console", at(5, FixingKind.SCREW, "no. 8", ""), at(2, FixingKind.PLUG, "", ""));
        places("headlining", at(5, FixingKind.HEADLINING_BOW, "", ""), at(60, FixingKind.TACK, "", ""));
    }

    private void rule(String part, StripReason reason, String by) {
        changes.add(new StripRuleNoted(new StripRule(id(part), reason, id(by))));
    }

    private void places(String part, FixingPlaces... places) {
        changes.add(new PlacesNoted(id(part), List.of(places)));
    }

    private void refit(String first, RefitReason reason, String then) {
        changes.add(new RefitLinkNoted(new RefitLink(id(first), reason, id(then))));
    }

    private void lap(String over, String under, double mm) {
        changes.add(new LapNoted(new Lap(id(over), id(under), mm, false)));
    }

    private static FixingPlaces at(int count, FixingKind kind, String size, String where) {
        return new FixingPlaces(count, kind, size, where);
    }
}
