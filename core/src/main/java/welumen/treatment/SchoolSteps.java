package welumen.treatment;

import java.util.List;
import welumen.intake.School;

/** What is done in which order under a school, where others would do it otherwise. */
public final class SchoolSteps {
    private SchoolSteps() {}

    public static List<String> of(School school) {
        return switch (school) {
            case MOULDED ->
                List.of(
                        "unpack and let it lie warm",
                        "lay in from the tunnel",
                        "ease into corners",
                        "trim under the sills");
            case SLIT_AND_COPIED ->
                List.of("slit the old one at its folds", "flatten and trace it", "cut, and sew the slits as seams");
            case TEMPLATED ->
                List.of("template each area in card", "cut each with its turn-in", "bind every free edge");
            case KIT -> List.of("lay the kit in dry", "mark what is over", "trim to suit");
            case SALVAGED -> List.of("clean", "recolour on a tried patch", "recolour whole");
            case FROM_THE_ROLL -> List.of("cut oversize from the roll", "work it in with heat", "trim in place");

            case ONE_TOUCH ->
                List.of("glue both faces", "wait until it no longer strings", "lay corners first, then rub out");
            case NEAR_DRY ->
                List.of("glue both faces and let them near dry", "shift into place", "wake with heat and rub down");
            case SMALL_SECTIONS ->
                List.of("fold back, glue a hand's breadth", "one holds, one rubs", "go on to the next");
            case TWO_PART -> List.of("mix by weight", "coat and keep to the wait", "clamp until cured");
            case SPOTS -> List.of("spot the corners and edges", "let clips and trim hold the rest");

            case CLOTH_ON_BENCH ->
                List.of("spray the cloth on the bench", "spray the body behind masking", "carry it in by two");
            case AT_THE_CAR -> List.of("mask all round", "spray both at the car", "lay without carrying");
            case PARTS_OUT -> List.of("take near parts out", "mask what stays", "spray");

            case ON_THE_BENCH -> List.of("lay the template on", "cut on the bench", "fit");
            case LEFT_LONG -> List.of("cut long", "fit and let it settle a night", "cut in the car");

            case PUNCHED -> List.of("mark from the template", "punch on wood", "fit");
            case MELTED ->
                List.of("make sure that the pile is synthetic", "melt through at the mark", "rub the rim while warm");
            case SLIT_LATE -> List.of("fit", "feel for the hole from behind", "slit undersize");
            case CROSS_SLIT -> List.of("fit", "slit crosswise", "turn the tongues under");
            case SEWN_ROUND -> List.of("punch", "sew the rim by hand");

            case RIGHT_CLIP -> List.of("measure the old clip and its hole", "find or order the same", "press in");
            case OTHER_CLIP -> List.of("try a clip of the same hole", "note its kind for the next strip");
            case GLUED -> List.of("clean both faces", "glue", "note it for the next strip");
            case VISIBLE_FIXING -> List.of("set out in even steps", "drill", "screw with cups");

            case AS_THE_WORKS -> List.of("photograph how it was", "use the same materials", "repeat it, clumsy or not");
            case BETTER_UNDERNEATH -> List.of("better what does not show", "keep the face as it was");
            case AFRESH -> List.of("draw it new", "make a sample", "make it");

            case BY_EVIDENCE -> List.of("find a place no light has reached", "read its colour", "shade to that");
            case BY_TASTE -> List.of("show dried cards", "have one signed");
            case WHAT_UNITES -> List.of("lay all parts together", "shade to what most of them are");
            case AGED_LEFT_ALIKE -> List.of("group the aged ones", "clean all of them alike", "colour none");

            case SEATS_REPAIRED -> List.of("mend seams and cracks", "recolour");
            case SEATS_CLEANED -> List.of("clean", "feed", "refit");
            case SEATS_RECOVERED -> List.of("take the cover as pattern", "mend foam and frame", "re-cover");
            case SEATS_USED -> List.of("look at belts and slides", "measure mounts", "clean and fit");
            case SEATS_FROM_ELSEWHERE ->
                List.of(
                        "measure mounts, width and height",
                        "have mounts made by a qualified hand",
                        "look at belts and airbags",
                        "fit");

            case TAKEN_OFF -> List.of("take it off and bag its fixings", "colour on the bench", "put back");
            case MASKED -> List.of("mask edge and neighbours", "colour in place", "unmask before it is hard");

            case PLY -> List.of("cut", "seal edges and back", "fix nuts and clips");
            case PLASTIC_SHEET -> List.of("cut", "roughen where glue must hold", "fix clips by screws");
            case FIBREBOARD -> List.of("cut", "score folds", "seal the back");
            case METAL_SHEET -> List.of("cut and deburr", "paint both sides", "lay on a felt against drumming");

            case INSERT_PANEL -> List.of("sew the relief panel", "let it in by a seam");
            case TO_THE_EDGE -> List.of("carry the relief to the edge", "thin it under studs");
            case APPLIED_STRIPS -> List.of("make the strips", "lay them on and sew down");

            case WHOLE_WITH_HELPER ->
                List.of(
                        "hang whole",
                        "one holds, one sets from the middle",
                        "work out the wrinkles before the glue grips");
            case IN_SECTIONS -> List.of("begin where it curves most", "fix a section", "go outward");

            case ONE_SIDE -> List.of("finish one side whole", "look at it while doing the other");
            case BATCH -> List.of("strip both", "do each kind of work on all", "put both back");

            case STIFFENED -> List.of("tap for what drums", "stiffen that");
            case BUTYL_AND_FOAM ->
                List.of("degrease", "roll butyl on", "foam over it", "try trim and screws for thickness");
            case HEAVY_BLANKET ->
                List.of("cut the blanket as the carpet", "lay it loose", "try trim and screws for thickness");
            case AS_ORIGINAL -> List.of("lay what was there");

            case BY_TECHNIQUE -> List.of("spray cards wet and dry", "dry them", "choose the hand");
            case BY_PRODUCT -> List.of("mix the flatting into a card", "dry it", "choose");
            case BY_CLEAR_COAT -> List.of("colour", "let it flash", "clear coat of the gloss wanted");

            case TESTED_FIRST -> List.of("connect", "have each function tried", "close");
            case PLUGS_LEFT -> List.of("label the plugs", "close", "connect when the part comes");

            case ON_THE_PATTERN -> List.of("draw the allowance on the pattern", "cut on the line");
            case AT_CUTTING -> List.of("draw the stitch line only", "add the allowance at cutting");

            case LOCKSTITCH -> List.of("sew");
            case SUNK -> List.of("groove", "sew into the groove");
            case FRENCH -> List.of("join", "press open over a tape", "sew a row to either side");
            case TOPSTITCH -> List.of("join", "press to one side", "sew a row beside it");
            case PIPING -> List.of("cut strips across", "fold over cord", "sew between");

            case RECOLOURED -> List.of("degrease", "tie-coat", "colour");
            case WRAPPED -> List.of("roughen", "glue", "stretch over, heat in hollows", "turn in");
            case PATINA_LEFT -> List.of("clean", "leave, with all that match it");

            case AT_ONCE -> List.of("order consumables", "wait for proof of the version", "order what hangs on it");
            case AS_IT_GOES -> List.of("order what the next day needs");
        };
    }
}
