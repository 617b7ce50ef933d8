package welumen.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;

/** Brings entries that an older Welumen wrote to the form in which they are written now, one version after the other. */
final class StepUp {
    /** The newest version whose form differs from the one before; what is not older needs no step. */
    static final int NEWEST = 13;

    private StepUp() {}

    /** @param change modified */
    static void from(int version, JsonNode change) {
        if (version < 2) toTwo(change);
        if (version < 3) toThree(change);
        if (version < 4) toFour(change);
        if (version < 5) toFive(change);
        if (version < 6) toSix(change);
        if (version < 7) toSeven(change);
        if (version < 8) toEight(change);
        if (version < 9) toNine(change);
        if (version < 10) toTen(change);
        if (version < 12) toTwelve(change);
        if (version < 13) toThirteen(change);
    }

    /**
     * Version 2: a part says what it is built into and which cars have it, a part may be held by any of several, a step
     * says how a destroyed joint is made again, and a part put back which fixings went in.
     */
    private static void toTwo(JsonNode node) {
        if (node instanceof ObjectNode change)
            switch (change.path("is").asText()) {
                case "parts-listed" ->
                    change.path("parts").forEach(part -> {
                        if (part instanceof ObjectNode one) {
                            one.putObject("within").put("is", "the-car");
                            one.put("onlyWhere", "");
                        }
                    });
                case "strip-rule-noted" -> {
                    if (change.path("rule") instanceof ObjectNode rule)
                        rule.putArray("byAnyOf").add(rule.remove("by"));
                }
                case "step-logged", "step-corrected" -> {
                    if (change.path("step") instanceof ObjectNode step) step.put("rejoin", "");
                }
                case "part-put-back" -> {
                    if (change.path("putBack") instanceof ObjectNode back) back.putArray("fixings");
                }
                default -> {}
            }
        node.forEach(StepUp::toTwo);
    }

    /**
     * Version 3: an approval says which version it is about, and what it replaces; a finding has a mark and photos; what
     * is done with a part has a room of its own, and may be several treatments.
     */
    private static void toThree(JsonNode node) {
        if (node instanceof ObjectNode change)
            switch (change.path("is").asText()) {
                case "approval-asked" -> {
                    if (change.path("approval") instanceof ObjectNode approval) {
                        approval.put("version", "");
                        approval.put("replaces", 0);
                    }
                }
                case "finding-made" -> {
                    if (change.path("finding") instanceof ObjectNode finding) {
                        finding.putObject("mark").put("is", "dot").set("at", finding.remove("at"));
                        finding.putArray("photos");
                    }
                }
                case "at-survey" -> {
                    if (change.path("change").path("is").asText().startsWith("treatment-"))
                        change.put("is", "at-treatment");
                }
                case "treatment-chosen" -> {
                    change.putArray("treatments").add(change.remove("treatment"));
                    change.put("fixed", true);
                }
                default -> {}
            }
        node.forEach(StepUp::toThree);
    }

    /** Version 4: what schools answer is no house way any more. */
    private static void toFour(JsonNode node) {
        if (node instanceof ObjectNode change && change.path("is").asText().equals("house-way-chosen"))
            switch (change.path("way").asText()) {
                case "ONE_SIDE_AT_A_TIME" -> school(change, "ONE_SIDE", "SIDES");
                case "BOTH_SIDES_TOGETHER" -> school(change, "BATCH", "SIDES");
                case "ORIGINAL_FIXINGS" -> school(change, "RIGHT_CLIP", "FAILED_CLIP");
                default -> {}
            }
        node.forEach(StepUp::toFour);
    }

    private static void school(ObjectNode change, String school, String question) {
        var isTaken = change.path("taken").asBoolean();
        change.remove("way");
        change.remove("taken");
        if (isTaken) change.put("is", "school-chosen").put("school", school);
        else change.put("is", "question-left-open").put("question", question);
    }

    /** Version 5: a piece has holes. */
    private static void toFive(JsonNode node) {
        if (node instanceof ObjectNode change
                && change.path("is").asText().equals("piece-drawn")
                && change.path("piece") instanceof ObjectNode piece) piece.putArray("holes");
        node.forEach(StepUp::toFive);
    }

    /**
     * Version 6: a piece holds more than holes, and says which side it is drawn from; an edge may be left long; a seam says
     * which of two that are cut it joins, and which places meet.
     */
    private static void toSix(JsonNode node) {
        if (node instanceof ObjectNode change)
            switch (change.path("is").asText()) {
                case "piece-drawn" -> {
                    if (change.path("piece") instanceof ObjectNode piece) {
                        var inside = piece.putObject("inside");
                        inside.set("holes", piece.remove("holes"));
                        inside.putArray("piercings");
                        inside.putArray("keepOuts");
                        inside.putObject("relief").put("is", "plain");
                        piece.put("face", "UP");
                        piece.path("edges").forEach(edge -> {
                            if (edge instanceof ObjectNode one) one.put("leftLongMm", 0.0);
                        });
                    }
                }
                case "seam-joined", "seam-taken-apart" -> {
                    if (change.path("seam") instanceof ObjectNode seam) {
                        seam.putArray("matches");
                        for (var side : List.of("one", "other"))
                            if (seam.path(side) instanceof ObjectNode one) one.put("copy", 0);
                    }
                }
                default -> {}
            }
        node.forEach(StepUp::toSix);
    }

    /**
     * Version 7: a seam says how it is sewn, a trial what was tried, room that something needs whose pieces it holds, and a
     * hide what it is and of which lot.
     */
    private static void toSeven(JsonNode node) {
        if (node instanceof ObjectNode change)
            switch (change.path("is").asText()) {
                case "seam-joined", "seam-taken-apart" -> {
                    if (change.path("seam") instanceof ObjectNode seam)
                        seam.putObject("stitching")
                                .put("isByHand", false)
                                .put("stitchMm", 4.0)
                                .put("thread", "")
                                .put("needle", "")
                                .put("rows", 1)
                                .put("apartMm", 5.0)
                                .put("isSunk", false)
                                .put("tested", "");
                }
                case "trial-noted" -> {
                    if (change.path("trial") instanceof ObjectNode trial) {
                        trial.putArray("photos");
                        trial.putArray("outline");
                    }
                }
                case "hide" -> {
                    if (change.has("shape")) { // a stock, and not a finish or a material of that name
                        change.put("kind", "HIDE");
                        unknownLot(change);
                    }
                }
                case "sheet-cut" ->
                    change.path("offcuts").forEach(offcut -> {
                        if (offcut instanceof ObjectNode one) {
                            one.put("kind", "OFFCUT");
                            unknownLot(one);
                        }
                    });
                case "clearance-measured" -> {
                    if (change.path("clearance") instanceof ObjectNode clearance) clearance.putArray("parts");
                }
                default -> {}
            }
        node.forEach(StepUp::toSeven);
    }

    private static void unknownLot(ObjectNode stock) {
        stock.putObject("lot").put("dye", "").put("thicknessMm", 0.0).put("supplier", "");
    }

    /**
     * Version 8: a cut says on which day it was, what is left of it may be a roll, a roll has a lot, and a piece says which
     * place of it lies on a pattern's line.
     */
    private static void toEight(JsonNode node) {
        if (node instanceof ObjectNode change)
            switch (change.path("is").asText()) {
                case "sheet-cut" -> {
                    change.put("day", "1970-01-01");
                    change.path("offcuts").forEach(offcut -> {
                        if (offcut instanceof ObjectNode one) one.put("is", "hide");
                    });
                }
                case "plan-accepted" ->
                    change.path("problem").path("pieces").forEach(piece -> {
                        if (piece instanceof ObjectNode one) onMiddle(one);
                    });
                case "roll" -> {
                    if (change.has("costPerMetre")) unknownLot(change);
                }
                default -> {}
            }
        node.forEach(StepUp::toEight);
    }

    /** Version 9: a roll says how much of its selvedge is not used. */
    private static void toNine(JsonNode node) {
        if (node instanceof ObjectNode roll && roll.has("costPerMetre")) roll.put("selvedge", 0.0);
        node.forEach(StepUp::toNine);
    }

    /** Version 10: a roll has flaws. */
    private static void toTen(JsonNode node) {
        if (node instanceof ObjectNode roll && roll.has("costPerMetre")) roll.putArray("flaws");
        node.forEach(StepUp::toTen);
    }

    /** Version 12: a part put back says why it went in though it was not finished, a correction where its edge was. */
    private static void toTwelve(JsonNode node) {
        for (var correction : node.path("lesson").path("corrections"))
            if (correction instanceof ObjectNode one) one.putArray("ends");
        if (node.path("putBack") instanceof ObjectNode back) back.put("unfinishedBecause", "");
        node.forEach(StepUp::toTwelve);
    }

    /** Version 13: how leather is bought says what becomes pieces and how large a hide is; nought is as learnt. */
    private static void toThirteen(JsonNode node) {
        if (node instanceof ObjectNode terms && terms.has("secondOrder")) {
            terms.put("yield", 0.0);
            terms.put("hideMm2", 0.0);
        }
        node.forEach(StepUp::toThirteen);
    }

    /** The middle of its box, on which pieces were centred. */
    private static void onMiddle(ObjectNode piece) {
        var corners = piece.path("shape").path("outline").path("corners");
        var middle = piece.putArray("onLine");
        for (var axis = 0; axis < 2; axis++) {
            var low = Double.MAX_VALUE;
            var high = -Double.MAX_VALUE;
            for (var corner : corners) {
                low = Math.min(low, corner.path(axis).asDouble());
                high = Math.max(high, corner.path(axis).asDouble());
            }
            middle.add((low + high) / 2);
        }
    }
}
