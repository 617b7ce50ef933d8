package welumen.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.cabin.Part;
import welumen.strip.StripLog;
import welumen.strip.fixing.FixingPlaces;

/**
 * How to take off what breaks easily and cannot be had again. Nothing is done to such a part before somebody has read its
 * plan and said so.
 */
public final class HandlingPlan {
    /** Length in mm from which one person alone bends a part when lifting it. */
    private static final double TWO_PEOPLE_MM = 800;

    private HandlingPlan() {}

    /** Its measures, one short sentence each, in the order in which they are wanted. */
    public static List<String> of(Part part, StripLog log) {
        var plan = new ArrayList<String>();
        plan.add("Leave it where it is, if the work allows.");
        plan.add(fixings(log.placesOf(part.id())));
        if (isOf(part, "board")) plan.add("Board: lever beside each fixing, never at an edge; it breaks at its holes.");
        if (isOf(part, "plastic", "moulded")) plan.add("Plastic: warm it through before any clip is levered.");
        var box = part.kind().outline().box();
        plan.add(
                Math.max(box.width(), box.height()) >= TWO_PEOPLE_MM
                        ? "Two people, a board under it to lay it on."
                        : "A flat, padded place for it before it moves.");
        plan.add(cost(part, log));
        return plan;
    }

    private static String fixings(List<FixingPlaces> places) {
        return places.isEmpty()
                ? "No fixing of it is known: find every one before anything moves."
                : places.stream()
                        .map(place -> place.count() + " "
                                + place.kind().named(place.count(), place.size(), "")
                                + (place.where().isEmpty() ? "" : " " + place.where()))
                        .collect(Collectors.joining(", ", "Know all its fixings first: ", "; then look for one more."));
    }

    private static String cost(Part part, StripLog log) {
        var touched = log.stepsOn(part.id()).size();
        var hours = Treatment.MAKE_NEW.hours();
        return "Broken, it costs %.0f to %.0f hours to make anew. %s"
                .formatted(
                        hours.low(),
                        hours.high(),
                        touched == 0
                                ? "Nobody has touched it yet."
                                : "Touched %d times so far; every time counts.".formatted(touched));
    }

    private static boolean isOf(Part part, String... materials) {
        return Stream.of(materials).anyMatch(part.material()::contains);
    }
}
