package welumen.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Pattern;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class StyleSheetTest {
    private static final Pattern NAMED = Pattern.compile("(-wel-[a-z-]+):\\s*(#[0-9A-Fa-f]{6});");
    private final String css = css();
    private final Map<String, String> day = colours(block(".root {"));
    private final Map<String, String> evening = colours(block(".root.evening {"));

    @Test
    void daylightAndEveningNameTheSameColours() {
        assertThat(evening.keySet()).isEqualTo(day.keySet());
    }

    @Test
    void noColourStandsOutsideTheTwoSets() {
        var rest = css.replace(block(".root {"), "").replace(block(".root.evening {"), "");
        assertThat(rest).doesNotContainPattern("#[0-9A-Fa-f]{3,8}\\b").doesNotContain("rgb(");
    }

    @Test
    void everyNameThatIsUsedIsThere() {
        var used = Pattern.compile("-wel-[a-z-]+")
                .matcher(css)
                .results()
                .map(result -> result.group())
                .distinct();
        assertThat(used).allSatisfy(name -> assertThat(day).containsKey(name));
    }

    @ParameterizedTest
    @CsvSource({
        "ink, ground, 4.5",
        "ink, card, 4.5",
        "ink, field, 4.5",
        "ink, wax-pale, 4.5",
        "pencil, ground, 4.5",
        "pencil, card, 4.5",
        "wax, card, 4.5",
        "danger, ground, 4.5",
        "danger, danger-pale, 4.5",
        "chalk, felt, 4.5",
        "chalk, felt-raised, 4.5",
        "chalk-faint, felt, 4.5",
        "chalk-faint, felt-raised, 4.5",
        "danger-on-felt, felt, 4.5",
        "wax-fill, felt, 4.5",
        "on-wax-fill, wax-fill, 4.5",
        "rail-text, rail, 4.5",
        "rail-pencil, rail, 4.5",
        "piece-text, piece, 4.5",
        "hide-line, felt, 3",
        "piece-text, hide, 3",
        "danger, ground, 3"
    })
    void textAndLinesStandOut(String front, String back, double least) {
        for (var look : List.of(day, evening))
            assertThat(contrast(look.get("-wel-" + front), look.get("-wel-" + back)))
                    .as("%s on %s", front, back)
                    .isGreaterThanOrEqualTo(least);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Lato-Regular.ttf",
                "Lato-Semibold.ttf",
                "Lato-Bold.ttf",
                "RobotoCondensed-Regular.ttf",
                "RobotoCondensed-Bold.ttf"
            })
    void figuresAreOfOneWidth(String file) {
        var font = Font.loadFont(Look.class.getResourceAsStream("/welumen/files/fonts/" + file), 40);
        for (var digit = 0; digit < 10; digit++) assertThat(width(font, digit)).isEqualTo(width(font, 8));
    }

    private static double width(Font font, int digit) {
        var text = new Text(Integer.toString(digit).repeat(10));
        text.setFont(font);
        return text.getLayoutBounds().getWidth();
    }

    private String block(String start) {
        var at = css.indexOf(start);
        return css.substring(at, css.indexOf('}', at) + 1);
    }

    private static Map<String, String> colours(String block) {
        var colours = new LinkedHashMap<String, String>();
        NAMED.matcher(block).results().forEach(match -> colours.put(match.group(1), match.group(2)));
        return colours;
    }

    /** As the Web Content Accessibility Guidelines 2.1 define it. */
    private static double contrast(String one, String other) {
        var a = luminance(one);
        var b = luminance(other);
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    private static double luminance(String hex) {
        return 0.2126 * channel(hex, 1) + 0.7152 * channel(hex, 3) + 0.0722 * channel(hex, 5);
    }

    private static double channel(String hex, int at) {
        var value = Integer.parseInt(hex.substring(at, at + 2), 16) / 255.0;
        return value <= 0.04045 ? value / 12.92 : Math.pow((value + 0.055) / 1.055, 2.4);
    }

    private static String css() {
        try (var in = Objects.requireNonNull(Look.class.getResourceAsStream("/welumen/desktop/app.css"))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException fault) {
            throw new IllegalStateException(fault);
        }
    }
}
