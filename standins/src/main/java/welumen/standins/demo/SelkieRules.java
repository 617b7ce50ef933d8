package welumen.standins.demo;

import static welumen.standins.demo.SelkieParts.id;
import static welumen.strip.StripReason.*;

import java.util.ArrayList;
import java.util.List;
import welumen.strip.FixingKind;
import welumen.strip.FixingPlaces;
import welumen.strip.RefitLink;
import welumen.strip.RefitReason;
import welumen.strip.StripChange;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.RefitLinkNoted;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripReason;
import welumen.strip.StripRule;

/** What holds what in the Varrow Selkie, and the places where its parts are fixed. */
final class SelkieRules {
    private final List<StripChange> changes = new ArrayList<>();

    private SelkieRules() {}

    static List<StripChange> all() {
        var rules = new SelkieRules();
        rules.side("left");
        rules.side("right");
        rules.middle();
        return rules.changes;
    }

    private void side(String side) {
        rule(side + " sill cover", COVERED_BY, side + " front door seal");
        rule(side + " kick panel", COVERED_BY, side + " front door seal");
        rule(side + " centre pillar trim", COVERED_BY, side + " front door seal");
        rule(side + " centre pillar trim", COVERED_BY, side + " rear door seal");
        rule(side + " front seat", FIXED_THROUGH, side + " seat runner cover");
        rule(side + " front door card", FIXED_THROUGH, side + " front door pull");
        rule(side + " rear door card", FIXED_THROUGH, side + " rear door pull");
        rule(side + " front carpet", COVERED_BY, side + " sill cover");
        rule(side + " front carpet", COVERED_BY, side + " kick panel");
        rule(side + " front carpet", TRAPPED_BEHIND, side + " front seat");
        rule(side + " front carpet", COVERED_BY, "console");
        rule(side + " front underlay", COVERED_BY, side + " front carpet");
        rule(side + " rear carpet", COVERED_BY, side + " sill cover");
        rule(side + " rear carpet", TRAPPED_BEHIND, side + " front seat");
        rule(side + " rear carpet", COVERED_BY, "rear cushion");
        rule(side + " rear underlay", COVERED_BY, side + " rear carpet");
        rule(side + " rear floor", COVERED_BY, side + " rear underlay");
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
        refit(side + " front carpet", RefitReason.OVERLAPS, side + " sill cover");
    }

    private void middle() {
        rule("console", FIXED_THROUGH, "battery");
        rule("tunnel carpet", COVERED_BY, "console");
        rule("cross-member", COVERED_BY, "left front underlay");
        rule("rear backrest", COVERED_BY, "rear cushion");
        rule("parcel shelf", TRAPPED_BEHIND, "rear backrest");
        rule("padded roll", FIXED_THROUGH, "dash switches");
        rule("dash", COVERED_BY, "padded roll");
        rule("dash", FOULS, "glove box lid");
        rule("bulkhead trim", TRAPPED_BEHIND, "dash");
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

    private static FixingPlaces at(int count, FixingKind kind, String size, String where) {
        return new FixingPlaces(count, kind, size, where);
    }
}
