package welumen.pattern;

import java.util.ArrayList;
import java.util.Locale;
import java.util.regex.Pattern;
import welumen.cabin.Part;
import welumen.measure.Because;
import welumen.measure.Length;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.piece.Piece;

/**
 * What a piece of foam, felt or padding is, and how it is laid.
 *
 * @param density in kg a cubic metre; nought where nobody has said
 * @param thicknessMm as it is bought
 * @param pressed the share by which it is pressed flat where it lies
 * @param featherMm how wide its edges run out to nothing; nought where they are cut square
 */
public record Padding(double density, double thicknessMm, double pressed, boolean isGlued, double featherMm) {
    private static final Pattern DENSITY = Pattern.compile("(?<n>\\d{1,3}(?:\\.\\d+)?)\\s*kg(?:\\s*/?\\s*m3)?");
    private static final Pattern PRESSED = Pattern.compile("(?:pressed|crushed)\\s+(?<n>\\d{1,2}(?:\\.\\d+)?)\\s*%");
    private static final Pattern FEATHERED = Pattern.compile("feathered\\s+(?<mm>\\d.*)");
    private static final String EXAMPLE = "Type it as 20 mm, 35 kg/m3, pressed 15 %, glued, feathered 40.";
    private static final double GRAMS = 1e-6;

    /** Height in mm by which a seat may stand higher before where its belt lies is looked at. */
    private static final double BELT_LIES_OTHERWISE_MM = 10;

    /** @throws IllegalArgumentException if it is not from 0.5 to 300 mm thick, or weighs less than nothing */
    public Padding {
        if (!(thicknessMm >= 0.5 && thicknessMm <= 300))
            throw new IllegalArgumentException(
                    "Padding of [%s mm] is not from 0.5 to 300 mm thick.".formatted(thicknessMm));
        if (!(density >= 0 && pressed >= 0 && pressed < 1 && featherMm >= 0))
            throw new IllegalArgumentException("Padding of [%s kg/m3, %s] is none.".formatted(density, pressed));
    }

    /** Whether so thick a piece lets one sit so much higher that the belt lies otherwise. */
    public boolean raisesSeat(Part part) {
        return part.spot().isSeat() && laidMm() > BELT_LIES_OTHERWISE_MM;
    }

    /** Reads {@code 20 mm, 35 kg/m3, pressed 15 %, glued, feathered 40}; all but the thickness may be left out. */
    public static Parsed<Padding> read(String typed) {
        var so = new Padding(0, 1, 0, false, 0);
        var isThick = false;
        for (var part : typed.strip().toLowerCase(Locale.ROOT).split("\\s*,\\s*")) {
            var density = DENSITY.matcher(part);
            var pressed = PRESSED.matcher(part);
            var feathered = FEATHERED.matcher(part);
            try {
                if (density.matches())
                    so = new Padding(number(density.group("n")), so.thicknessMm, so.pressed, so.isGlued, so.featherMm);
                else if (pressed.matches())
                    so = new Padding(
                            so.density, so.thicknessMm, number(pressed.group("n")) / 100, so.isGlued, so.featherMm);
                else if (feathered.matches()
                        && Length.parse(feathered.group("mm")) instanceof Understood<Length>(var wide))
                    so = new Padding(so.density, so.thicknessMm, so.pressed, so.isGlued, wide.mm());
                else if (part.equals("glued"))
                    so = new Padding(so.density, so.thicknessMm, so.pressed, true, so.featherMm);
                else if (part.equals("loose"))
                    so = new Padding(so.density, so.thicknessMm, so.pressed, false, so.featherMm);
                else if (Length.parse(part) instanceof Understood<Length>(var thick)) {
                    so = new Padding(so.density, thick.mm(), so.pressed, so.isGlued, so.featherMm);
                    isThick = true;
                } else return new Refused<>("“%s” says nothing about padding. %s".formatted(part, EXAMPLE));
            } catch (IllegalArgumentException wrong) {
                return new Refused<>(Because.of(wrong));
            }
        }
        return isThick ? new Understood<>(so) : new Refused<>("How thick is it? " + EXAMPLE);
    }

    private static double number(String digits) {
        return Double.parseDouble(digits);
    }

    /** How high it stands where it lies, in mm. */
    public double laidMm() {
        return thicknessMm * (1 - pressed);
    }

    /** What all that is cut of a piece weighs, in grams. */
    public double grams(Piece piece) {
        return piece.net().area() * piece.pairing().count() * thicknessMm * density * GRAMS;
    }

    /** What is cut from the same sheet. */
    public String sheetWord() {
        return "%s mm%s".formatted(plain(thicknessMm), density > 0 ? ", %s kg/m³".formatted(plain(density)) : "");
    }

    /** As it is typed. */
    public String words() {
        var words = new ArrayList<String>();
        words.add("%s mm".formatted(plain(thicknessMm)));
        if (density > 0) words.add("%s kg/m3".formatted(plain(density)));
        if (pressed > 0) words.add("pressed %s %%".formatted(plain(Math.rint(pressed * 1000) / 10)));
        words.add(isGlued ? "glued" : "loose");
        if (featherMm > 0) words.add("feathered %s".formatted(plain(featherMm)));
        return String.join(", ", words);
    }

    private static String plain(double number) {
        return number == Math.rint(number) ? "%.0f".formatted(number) : Double.toString(number);
    }
}
