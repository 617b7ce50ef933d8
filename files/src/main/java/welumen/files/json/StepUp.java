package welumen.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** Brings entries that an older Welumen wrote to the form in which they are written now, one version after the other. */
final class StepUp {
    private StepUp() {}

    /** @param change modified */
    static void from(int version, JsonNode change) {
        if (version < 2) toTwo(change);
        if (version < 3) toThree(change);
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

    /** Version 3: an approval says which version it is about, and what it replaces. */
    private static void toThree(JsonNode node) {
        if (node.path("is").asText().equals("approval-asked") && node.path("approval") instanceof ObjectNode approval) {
            approval.put("version", "");
            approval.put("replaces", 0);
        }
        node.forEach(StepUp::toThree);
    }
}
