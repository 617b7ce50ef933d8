package welumen.files.mix;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import welumen.colour.Lab;
import welumen.colour.Reflectance;
import welumen.colour.mix.MixProblem;
import welumen.colour.mix.MixProblem.Patch;
import welumen.colour.mix.Surface;
import welumen.colour.mix.Target;
import welumen.colour.mix.Tint;
import welumen.files.json.BadFile;
import welumen.files.json.JsonPlace;

/** Reads {@code welumen-mix-problem/1}. Members that it does not know are passed over. */
public final class MixProblemReader {
    public static final String FORMAT = "welumen-mix-problem/1";

    private static final int MOST_IN_A_MIX = 8;

    private MixProblemReader() {}

    /** @throws BadFile naming the place of the first thing that is wrong */
    public static MixProblem read(String text) throws BadFile {
        var file = JsonPlace.of(text);
        var format = file.at("format").text();
        if (!format.equals(FORMAT)) throw file.at("format").wrong("is “%s”, not “%s”.".formatted(format, FORMAT));
        var tints = new ArrayList<Tint>();
        for (var place : file.at("tints").items()) tints.add(tint(place));
        var target = target(file.at("target"));
        var surface = surface(file);
        var most = file.whole("most", 1, MOST_IN_A_MIX, MixProblem.USUAL_MOST);
        var grams = file.at("grams");
        if (!(grams.number() > 0)) throw grams.wrong("is %s; a mix weighs something.".formatted(grams.number()));
        var wanted = file.amount("wanted", MixProblem.USUAL_WANTED);
        var patch = patch(file);
        try {
            return new MixProblem(target, surface, tints, most, grams.number(), wanted, patch);
        } catch (IllegalArgumentException fault) {
            throw new BadFile("/tints: " + fault.getMessage());
        }
    }

    private static Surface surface(JsonPlace file) throws BadFile {
        if (!file.has("surface")) return Surface.NONE;
        var place = file.at("surface");
        var numbers = place.items();
        if (numbers.size() != 2) throw place.wrong("is not two numbers, k1 and k2.");
        try {
            return new Surface(numbers.get(0).number(), numbers.get(1).number());
        } catch (IllegalArgumentException fault) {
            throw place.wrong("is no surface: k1 and k2 are from 0 to under 1.");
        }
    }

    private static Target target(JsonPlace place) throws BadFile {
        if (place.has("reflectance")) return Target.of(reflectance(place.at("reflectance")));
        if (!place.has("lab")) throw place.wrong("has neither “reflectance” nor “lab”.");
        var lab = place.at("lab");
        var numbers = lab.items();
        if (numbers.size() != 3) throw lab.wrong("is not three numbers, L*, a* and b*.");
        try {
            return Target.of(new Lab(
                    numbers.get(0).number(),
                    numbers.get(1).number(),
                    numbers.get(2).number()));
        } catch (IllegalArgumentException fault) {
            throw lab.wrong("is no colour of a surface: L* is 0 to 100.");
        }
    }

    private static Reflectance reflectance(JsonPlace place) throws BadFile {
        var shares = new ArrayList<Double>();
        for (var one : place.items()) shares.add(one.number());
        try {
            return Reflectance.of(shares);
        } catch (IllegalArgumentException fault) {
            throw place.wrong("cannot be read: " + fault.getMessage());
        }
    }

    private static Tint tint(JsonPlace place) throws BadFile {
        var drop = OptionalDouble.empty();
        if (place.has("gramsPerDrop")) {
            var grams = place.at("gramsPerDrop");
            if (!(grams.number() > 0)) throw grams.wrong("is %s; a drop weighs something.".formatted(grams.number()));
            drop = OptionalDouble.of(grams.number());
        }
        Optional<Tint.LetDown> letDown =
                place.has("letDown") ? Optional.of(letDown(place.at("letDown"))) : Optional.empty();
        return new Tint(place.name("id"), reflectance(place.at("reflectance")), drop, letDown);
    }

    private static Tint.LetDown letDown(JsonPlace place) throws BadFile {
        var share = place.at("share");
        if (!(share.number() > 0 && share.number() < 1))
            throw share.wrong("is %s; a share is over 0 and under 1.".formatted(share.number()));
        return new Tint.LetDown(place.name("into"), share.number(), reflectance(place.at("reflectance")));
    }

    private static Optional<Patch> patch(JsonPlace file) throws BadFile {
        if (!file.has("patch")) return Optional.empty();
        var place = file.at("patch").at("made");
        Map<String, Double> made = new HashMap<>();
        for (var name : place.names()) {
            var grams = place.at(name);
            if (!(grams.number() >= 0)) throw grams.wrong("is %s, below nought.".formatted(grams.number()));
            if (grams.number() > 0) made.put(name, grams.number());
        }
        if (made.isEmpty()) throw place.wrong("is empty: nothing was mixed.");
        return Optional.of(new Patch(made, target(file.at("patch").at("read"))));
    }
}
