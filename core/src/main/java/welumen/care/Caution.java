package welumen.care;

/** The usual cautions, each one sentence. All defer to local rules and to licensed people. */
public enum Caution {
    AIRBAGS(
            "Battery off and waited out as the maker says before seats, wheel, dash or belts; ask a qualified person where in doubt."),
    AIRBAG_UNITS("An airbag unit that is off lies face up, alone, away from heat and batteries, as local rules say."),
    DEPLOYMENT("Never sew, glue, wrap or coat where an airbag comes out; the lamp is tested before the car goes home."),
    SEATS_AND_BELTS("Seat and belt fixings hold lives: maker's grade and torque only; name who checks them."),
    FUMES("Flammable vapour: air moving, no flame or heater, gloves and filter mask; local rules come first."),
    OLD_LININGS("Old felt, pads and boards may hold asbestos: do not tear or sand what is not known; have it tested."),
    MOULD("Mould or droppings: mask and gloves, damp it down, bag it, do not blow."),
    HOT_TOOLS("Hot tools never near fresh glue; extinguisher at hand."),
    SPRINGS_AND_BLADES("Clips and springs under tension, blades, tacks: eyes and hands."),
    STRUCTURE("Rust through and structure go to someone qualified; fuel and wiring cleared first."),
    LIFTING("Heavy or wide: two people."),
    IRREPLACEABLE(
            "It is brittle and no longer made: know every fixing first, warm it, support it, two people, and never pull.");

    private final String sentence;

    Caution(String sentence) {
        this.sentence = sentence;
    }

    public String sentence() {
        return sentence;
    }
}
