package welumen.finish.sheen;

import java.math.BigDecimal;
import java.util.regex.Pattern;
import welumen.measure.NumberText;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/**
 * How a card is sprayed, as it is typed: “satin lacquer, lot L 3, 200 mm, 3 passes, nozzle 1.2, wanted 30”.
 *
 * @param celsius in the spray place
 */
public record SetUpText(double celsius) {
    private static final double USUAL_MM = 200;
    private static final int USUAL_PASSES = 3;

    private static final Pattern MM = Pattern.compile("(\\d{2,3}) ?mm");
    private static final Pattern PASSES = Pattern.compile("(\\d{1,2}) pass(?:es)?");
    private static final Pattern WANTED = Pattern.compile("(?:wanted|want|target) (\\d+(?:\\.\\d+)?)");

    /** @param target gloss units at 60° */
    public record Said(SetUp setUp, double target) {}

    public Parsed<Said> read(String text) {
        var parts = text.strip().split(" *, *");
        var product = parts[0].strip();
        if (product.isEmpty())
            return new Refused<>("Say what is sprayed: satin lacquer, lot L 3, 200 mm, 3 passes, wanted 30.");
        var lot = "";
        var mm = USUAL_MM;
        var passes = USUAL_PASSES;
        var nozzle = "";
        var target = -1.0;
        for (var i = 1; i < parts.length; i++) {
            var said = parts[i].strip();
            var far = MM.matcher(said);
            var over = PASSES.matcher(said);
            var wanted = WANTED.matcher(said);
            if (said.isEmpty()) continue;
            if (far.matches()) mm = Double.parseDouble(far.group(1));
            else if (over.matches()) passes = Integer.parseInt(over.group(1));
            else if (wanted.matches()) target = Double.parseDouble(wanted.group(1));
            else if (said.startsWith("lot ")) lot = said.substring(4).strip();
            else if (said.startsWith("nozzle ")) nozzle = said.substring(7).strip();
            else
                return new Refused<>(
                        "“%s” is neither its lot, nor how far, nor passes, nozzle or what is wanted.".formatted(said));
        }
        if (target < 0) return new Refused<>("Say what is wanted, in gloss units: wanted 30.");
        try {
            Sheen.of(target);
            return new Understood<>(new Said(new SetUp(product, lot, mm, passes, nozzle, celsius), target));
        } catch (IllegalArgumentException none) {
            return new Refused<>(String.valueOf(none.getMessage()));
        }
    }

    /** So that it reads back as the same. */
    public static String say(SetUp setUp, double target) {
        return "%s%s, %s mm, %d %s%s, wanted %s"
                .formatted(
                        setUp.product(),
                        setUp.lot().isEmpty() ? "" : ", lot " + setUp.lot(),
                        number(setUp.distanceMm()),
                        setUp.passes(),
                        setUp.passes() == 1 ? "pass" : "passes",
                        setUp.nozzle().isEmpty() ? "" : ", nozzle " + setUp.nozzle(),
                        number(target));
    }

    private static String number(double number) {
        return NumberText.print(BigDecimal.valueOf(number));
    }
}
