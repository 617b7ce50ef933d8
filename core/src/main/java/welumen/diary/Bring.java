package welumen.diary;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import welumen.cabin.PartId;
import welumen.strip.Bag;
import welumen.strip.Step;
import welumen.strip.StripLog;

/** What one takes along to the car, by what was noted when the part came off. */
final class Bring {
    private Bring() {}

    /** To take it off: the tools for what holds it. */
    static List<String> off(StripLog log, PartId part) {
        var tools = new LinkedHashSet<String>();
        for (var places : log.placesOf(part)) tools.add(places.kind().tool());
        return List.copyOf(tools);
    }

    /** To put it back: its bags, and the tools it came off with. */
    static List<String> back(StripLog log, PartId part) {
        var bring = new LinkedHashSet<String>();
        for (var step : log.stepsNow(part)) bring.addAll(of(step));
        bring.addAll(off(log, part));
        return List.copyOf(bring);
    }

    private static List<String> of(Step step) {
        var some = new ArrayList<String>();
        if (step.bag() instanceof Bag.Numbered(var number)) some.add("bag " + number);
        if (!step.tool().isBlank()) some.add(step.tool());
        return some;
    }
}
