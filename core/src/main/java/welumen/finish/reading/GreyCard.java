package welumen.finish.reading;

import java.util.ArrayList;
import java.util.List;
import welumen.colour.Lab;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/**
 * Reads a colour from a photo by a card of known grey that lies beside it in the same light: each channel is scaled until the card is
 * as grey as it is known to be (von Kries, 1902). It is rough, and says how rough: a camera sees other colours than an eye.
 *
 * @param cardL L* of the card, over 0; 50 is the usual one
 */
public record GreyCard(double cardL) {
    public static final GreyCard USUAL = new GreyCard(50);

    /** How far a camera’s own colours are off at the best, as a colour difference. */
    private static final double CAMERA = Reading.How.PHOTO.off();

    /** What a lamp’s colour costs for each time that one channel of the card is over another. */
    private static final double LAMP = 4;

    private static final double MOST_LOST = 0.02;
    private static final double DARKEST = 0.01;
    private static final double TINTED = 1.35;
    private static final double MOTTLED = 6;

    public GreyCard {
        if (!(cardL >= 20 && cardL <= 95))
            throw new IllegalArgumentException("A card of L* [%s] is too dark or too pale: 20 to 95.".formatted(cardL));
    }

    /**
     * What is read.
     *
     * @param off how far it may be off, as a colour difference, in two of three cases: a rule of thumb
     * @param against what makes it rougher than it had to be, each a sentence
     */
    public record Rough(Lab lab, double off, List<String> against) {
        public Rough {
            against = List.copyOf(against);
        }
    }

    /** Refused where either is burnt out or too dark to be read. */
    public Parsed<Rough> read(PhotoSpot card, PhotoSpot surface) {
        if (card.lost() > MOST_LOST || surface.lost() > MOST_LOST)
            return new Refused<>("The %s is burnt out or black on the photo: take it again, with less or more light."
                    .formatted(card.lost() > MOST_LOST ? "card" : "colour"));
        if (Math.min(card.red(), Math.min(card.green(), card.blue())) < DARKEST)
            return new Refused<>("The card is too dark on the photo to be read by: take it again in more light.");
        var grey = Math.pow((cardL + 16) / 116, 3);
        var red = surface.red() * grey / card.red();
        var green = surface.green() * grey / card.green();
        var blue = surface.blue() * grey / card.blue();
        if (Math.max(red, Math.max(green, blue)) > 1.1)
            return new Refused<>(
                    "The colour is paler than white beside that card: click on the card first, then on it.");
        return new Understood<>(new Rough(lab(red, green, blue), off(card, surface), against(card, surface)));
    }

    /** Of light that is grey where its channels are alike: the primaries of sRGB, against its own white. */
    private static Lab lab(double red, double green, double blue) {
        var x = f((0.4124 * red + 0.3576 * green + 0.1805 * blue) / 0.9505);
        var y = f(0.2126 * red + 0.7152 * green + 0.0722 * blue);
        var z = f((0.0193 * red + 0.1192 * green + 0.9505 * blue) / 1.089);
        return new Lab(Math.clamp(116 * y - 16, 0, 100), 500 * (x - y), 200 * (y - z));
    }

    private static double f(double t) {
        return t > 216.0 / 24389 ? Math.cbrt(t) : (24389.0 / 27 * t + 16) / 116;
    }

    private static double off(PhotoSpot card, PhotoSpot surface) {
        var lamp = LAMP * (tint(card) - 1);
        var mottle = Math.hypot(card.uneven(), surface.uneven()) / 2;
        return Math.sqrt(CAMERA * CAMERA + lamp * lamp + mottle * mottle);
    }

    /** By how much one channel of the card is over another: 1 in light that is grey. */
    private static double tint(PhotoSpot card) {
        var most = Math.max(card.red(), Math.max(card.green(), card.blue()));
        return most / Math.min(card.red(), Math.min(card.green(), card.blue()));
    }

    private static List<String> against(PhotoSpot card, PhotoSpot surface) {
        var against = new ArrayList<String>();
        if (tint(card) > TINTED) against.add("The light is coloured: by daylight it is read better.");
        if (card.uneven() > MOTTLED) against.add("The card is lit unevenly.");
        if (surface.uneven() > MOTTLED) against.add("The colour is uneven there, or it shines.");
        return against;
    }
}
