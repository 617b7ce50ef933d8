package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.job.WorkStage;

/** Leather for a small saloon that grows: how many hides, what becomes of the spare, and when a fifth is to be ordered. */
class LeatherWalkTest extends OwnCarWalk {
    private static final List<String> PLAIN = List.of(
            "cushion top",
            "cushion front",
            "cushion side",
            "backrest front",
            "backrest side",
            "backrest rear",
            "bench top",
            "bench front");
    private static final List<String> INSERTS =
            List.of("first insert", "second insert", "third insert", "fourth insert", "fifth insert");

    LeatherWalkTest() {
        super("1961", "Harrow Linnet", "saloon");
    }

    @Test
    void aJobGrowsUntilAFifthHideIsToBeOrdered() {
        bench.go(WorkStage.PATTERN);
        for (var name : PLAIN) car.draw("left-front-seat", name + " 980 x 830");
        for (var name : INSERTS) car.draw("left-front-seat", name + " 540 x 980");
        var hide = car.piece("cushion top").material();
        forecast(hide);
        bench.typeAndEnter("leather-yield", "62");
        bench.typeAndEnter("hide-mean", "4.65");
        bench.typeAndEnter("leather-reserve", "1.1");
        car.assertSays("9.60 m² net ÷ 62.0 % used = 15.48 m² ÷ 4.65 m² a hide = 3.33, so 4; spare 1.93 m² net.");
        bench.typeAndEnter("leather-yield", "162");
        assertThat(bench.text("forecast-answer")).contains("1 to 100 %");
        bench.typeAndEnter("leather-yield", "62");

        bench.click("leaf-hides-and-rolls");
        bench.choose("stock-material", hide);
        for (var number = 1; number <= 4; number++)
            bench.typeAndEnter("stock-typed", "hide %d, 4.65 m², lot 7, cost 310".formatted(number));
        forecast(hide);
        assertSpare("1.93");
        bench.click("leaf-hides-and-rolls");
        bench.choose("stock-shown", "hide 3");
        bench.typeAndEnter("hide-mark", "flaw 1016 x 794 at 0, 1100");
        forecast(hide);
        assertSpare("1.43");

        quiltTheInserts();
        forecast(hide);
        assertSpare("1.19");
        assertThat(bench.text("forecast-reserve")).as("still enough").isEmpty();

        bench.go(WorkStage.PATTERN);
        bench.click("leaf-pieces");
        for (var side : List.of("left", "right")) {
            car.draw(side + "-front-door-card", side + " door insert 880 x 480");
            bench.click("piece-makeup");
            bench.choose("piece-material", hide);
        }
        forecast(hide);
        assertSpare("0.29");
        assertThat(bench.text("forecast-reserve"))
                .contains("0.29 m² to spare, and 1.10 m² are wanted")
                .contains("order one more of lot 7 now")
                .contains("here by Wed 22 Apr");
    }

    private void forecast(String hide) {
        bench.go(WorkStage.CUT);
        bench.click("leaf-forecast");
        bench.choose("forecast-material", hide);
    }

    private void assertSpare(String squareMetres) {
        car.assertSays("= %s m² spare; 1.10 m² wanted.".formatted(squareMetres));
    }

    /** A test square of 300 mm comes out 288: 1.085 by area, ten pitches of 54 mm, chalked at 56.25. */
    private void quiltTheInserts() {
        bench.go(WorkStage.PATTERN);
        bench.click("leaf-quilting");
        for (var name : INSERTS) {
            bench.choose("relief-piece", car.piece(name).id());
            car.chooseNth("relief-kind", 3);
            bench.type("relief-size", "55 mm");
            bench.type("relief-swatch", "300 to 288");
            bench.click("sew-relief");
        }
        assertThat(bench.text("relief-answer"))
                .startsWith("Diamonds 54")
                .contains("10 across, every other row 9 and two halves")
                .contains("1.085 by area");
        car.assertSays("chalk the diamonds 56.25 mm wide");
    }
}
