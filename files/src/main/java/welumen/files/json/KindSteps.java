package welumen.files.json;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Set;

/** From one form of a kind to the next, each as it was meant on the day it was written: what these hold is never changed. */
final class KindSteps {
    /** What stopped work while findings did not say so themselves. */
    private static final Set<String> STOPPED = Set.of("RUST_THROUGH", "MOULD", "STRUCTURE", "WIRING_FAULT");

    /** The times of a product's sheet. */
    private static final List<String> CURE = List.of("flash", "touch", "handle", "glueOver", "wrapOver", "recoatUntil");

    private KindSteps() {}

    /** Edges had no number, and what is sewn into a piece was its relief, which is now a word for slits in a turn-in alone. */
    static void edgesAreNotToldApart(ObjectNode change) {
        for (var edge : change.path("piece").path("edges")) if (edge instanceof ObjectNode one) one.put("id", 0);
        if (change.path("piece").path("inside") instanceof ObjectNode inside && inside.has("relief"))
            inside.set("surface", inside.remove("relief"));
    }

    static void findingSaysWhetherItStops(ObjectNode change) {
        if (change.path("finding") instanceof ObjectNode finding)
            finding.put("stopsWork", STOPPED.contains(finding.path("kind").asText()));
    }

    /** No tin said how long it cures. */
    static void tinHasASheet(ObjectNode change) {
        if (change.path("tin") instanceof ObjectNode tin) {
            var cure = tin.putObject("cure");
            for (var time : CURE) cure.put(time, "PT0S");
        }
    }

    /** A place could be used whenever somebody was here. */
    static void placeHasSlots(ObjectNode change) {
        if (change.path("place") instanceof ObjectNode place) place.putArray("slots");
    }

    /** No clock said when it is too late, or how long what was laid can be moved. */
    static void clockSaysWhenItIsTooLate(ObjectNode change) {
        if (change.path("clock") instanceof ObjectNode clock) {
            clock.put("latest", "PT0S");
            clock.put("moved", "PT0S");
        }
    }

    /** How far a reading was off followed from how it was read. */
    static void readingSaysHowRough(ObjectNode change) {
        if (change.path("reading") instanceof ObjectNode reading)
            reading.put(
                    "off",
                    switch (reading.path("how").asText()) {
                        case "READER" -> 0.2;
                        case "TYPED" -> 0.5;
                        case "CARD" -> 2.5;
                        default -> 4.0;
                    });
    }

    /** Nothing was turned. */
    static void loadLeavesTimeToTurn(ObjectNode change) {
        if (change.path("how") instanceof ObjectNode how) how.put("turns", "PT0S");
    }

    /** A piece hung, and nobody said where it is until it is here, or who waits for it. */
    static void pieceHangs(ObjectNode change) {
        if (change.path("piece") instanceof ObjectNode piece)
            piece.put("isTurned", false).put("where", "").put("who", "");
    }

    static void nobodyHasWeighedTheTint(ObjectNode change) {
        if (change.path("tint") instanceof ObjectNode tint) tint.put("grams", 0.0);
    }
}
