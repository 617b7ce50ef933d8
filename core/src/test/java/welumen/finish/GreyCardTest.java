package welumen.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import welumen.colour.Ciede2000;
import welumen.colour.Lab;
import welumen.finish.reading.GreyCard;
import welumen.finish.reading.PhotoSpot;
import welumen.finish.reading.Reading;
import welumen.measure.Parsed.Refused;

/** A colour read from a photo by the grey card beside it. */
class GreyCardTest {
    /** What sRGB stores for a linear share. */
    private static int stored(double linear) {
        var share = linear <= 0.0031308 ? 12.92 * linear : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
        return (int) Math.round(255 * Math.clamp(share, 0, 1));
    }

    private static PhotoSpot spot(double red, double green, double blue) {
        var pixel = stored(red) << 16 | stored(green) << 8 | stored(blue);
        var pixels = new int[400];
        Arrays.fill(pixels, pixel);
        return PhotoSpot.of(pixels);
    }

    private static final double GREY = Math.pow(66.0 / 116, 3);

    @Test
    void theCardItselfIsGrey() {
        var read = GreyCard.USUAL
                .read(spot(0.3, 0.22, 0.12), spot(0.3, 0.22, 0.12))
                .orThrow();
        assertThat(read.lab().l()).isEqualTo(50, within(0.3));
        assertThat(read.lab().chroma()).isLessThan(0.5);
    }

    /** Whatever the light, the same colour is read: 40 lamps, brighter and dimmer, warmer and colder. */
    @Test
    void theLampIsTakenOut() {
        var truth = new Lab(53.1, 17.3, 30.6); // linear 0.40, 0.17, 0.07 of sRGB, by its own matrix
        var random = new SplittableRandom(7);
        for (var lamp = 0; lamp < 40; lamp++) {
            var bright = 0.6 + 1.2 * random.nextDouble();
            var warm = 0.75 + 0.5 * random.nextDouble();
            var card = spot(GREY * bright * warm, GREY * bright, GREY * bright / warm);
            var surface = spot(0.40 * bright * warm, 0.17 * bright, 0.07 * bright / warm);
            var read = GreyCard.USUAL.read(card, surface).orThrow();
            assertThat(Ciede2000.between(truth, read.lab())).as("lamp %d", lamp).isLessThan(1);
        }
    }

    /** It says how rough: never better than a camera is, worse under a coloured lamp and on what is mottled. */
    @Test
    void itSaysHowRough() {
        var plain =
                GreyCard.USUAL.read(spot(GREY, GREY, GREY), spot(0.2, 0.2, 0.2)).orThrow();
        assertThat(plain.off()).isEqualTo(Reading.How.PHOTO.off());
        assertThat(plain.against()).isEmpty();
        var warm = GreyCard.USUAL
                .read(spot(GREY * 1.5, GREY, GREY / 1.5), spot(0.2, 0.2, 0.2))
                .orThrow();
        assertThat(warm.off()).isGreaterThan(plain.off() + 1);
        assertThat(warm.against()).containsExactly("The light is coloured: by daylight it is read better.");
        var mottled = PhotoSpot.of(0x202020, 0xb0b0b0, 0x303030, 0xa0a0a0);
        assertThat(GreyCard.USUAL
                        .read(spot(GREY, GREY, GREY), mottled)
                        .orThrow()
                        .against())
                .containsExactly("The colour is uneven there, or it shines.");
    }

    @Test
    void whatIsBurntOutIsNotRead() {
        assertThat(GreyCard.USUAL.read(spot(1, 1, 1), spot(0.2, 0.2, 0.2)))
                .isEqualTo(new Refused<>(
                        "The card is burnt out or black on the photo: take it again, with less or more light."));
        assertThat(GreyCard.USUAL.read(spot(0.05, 0.05, 0.05), spot(0.5, 0.5, 0.5)))
                .isEqualTo(new Refused<>(
                        "The colour is paler than white beside that card: click on the card first, then on it."));
    }
}
