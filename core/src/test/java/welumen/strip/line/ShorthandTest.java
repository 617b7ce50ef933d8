package welumen.strip.line;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.Saloon.*;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.strip.Bag;
import welumen.strip.How;
import welumen.strip.Outcome;
import welumen.strip.StripChange;
import welumen.strip.StripReason;
import welumen.strip.StripRule;
import welumen.strip.fixing.Condition;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingLot;

class ShorthandTest {
    private static Reading read(String line) {
        return Shorthand.read(line, SILL, cabin(), log());
    }

    @Test
    void readsALineAsItIsSaid() {
        var reading = read("2 trim clips grey, under seal, bag 14, lever plastic");
        assertThat(reading.part()).isEqualTo(SILL);
        assertThat(reading.fixings())
                .containsExactly(
                        new FixingLot(2, FixingKind.TRIM_CLIP, "", "grey", "under the door seal", Condition.GOOD));
        assertThat(reading.bag()).isEqualTo(new Bag.Numbered(14));
        assertThat(reading.tool()).isEqualTo("plastic lever");
        assertThat(reading.how()).isEqualTo(How.LEVER);
        assertThat(reading.note()).isEmpty();
        assertThat(reading.wanted(0)).containsExactly(Wanted.PHOTO);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "4 bolts M10x25             | 4 bolts M10×25",
                "four bolts m10×25 black    | 4 bolts M10×25, black",
                "M6 bolt                    | 1 bolt M6",
                "3 no. 8 screws, worn       | 3 screws no. 8, worn",
                "3x #8 screw                | 3 screws no. 8",
                "2 clips broken             | 2 trim clips, broken",
                "1 screw never there        | 1 screw, never there",
                "1 clip under seal broken   | 1 trim clip, broken",
                "1 clip at the rear, worn   | 1 trim clip, worn",
                "5 hog rings                | 5 hog rings",
                "glue                       | 1 glued edge",
                "2 screws 3/8\"             | 2 screws 3/8\"",
                "2 screws 8 mm              | 2 screws 8 mm"
            })
    void readsFixings(String line, String said) {
        assertThat(read(line).fixings().getFirst().said()).isEqualTo(said);
    }

    @Test
    void orderDoesNotMatter() {
        var one = read("bag 3, 8 mm socket, 2 bolts M8");
        var other = read("2 bolts M8, 8 mm socket, bag 3");
        assertThat(one.step(1, List.of())).isEqualTo(other.step(1, List.of()));
        assertThat(one.tool()).isEqualTo("8 mm socket");
    }

    @Test
    void aPartMayBeNamedByItsFirstLetters() {
        assertThat(read("lds, lifted").part()).isEqualTo(SEAL);
        assertThat(read("left door seal off").part())
                .as("its whole name, and what is said of it")
                .isEqualTo(SEAL);
        assertThat(read("left door seal off").outcome()).isEqualTo(Outcome.OFF);
        assertThat(read("left door seal, off").part()).isEqualTo(SEAL);
    }

    @Test
    void whatHeldItBecomesARule() {
        assertThat(read("covered by left front seat").rules())
                .containsExactly(new StripRule(SILL, StripReason.COVERED_BY, SEAT));
    }

    @Test
    void unsaidItIsOffOnlyWhenNothingHoldsIt() {
        assertThat(read("6 screws no. 8").outcome()).isEqualTo(Outcome.LOOSENED);
        var free = log().after(new StripChange.StepLogged(
                Shorthand.read("off", SEAL, cabin(), log()).step(1, List.of())));
        assertThat(Shorthand.read("6 screws no. 8, 2 clips", SILL, cabin(), free)
                        .outcome())
                .isEqualTo(Outcome.OFF);
        assertThat(read("off").outcome()).isEqualTo(Outcome.OFF);
    }

    @Test
    void asksForWhatIsMissing() {
        assertThat(read("clips grey").wanted(0)).containsExactly(Wanted.PHOTO, Wanted.COUNT, Wanted.BAG);
        assertThat(read("2 clips, bag 4").wanted(1)).isEmpty();
        assertThat(read("2 clips never there").wanted(1)).isEmpty();
    }

    @Test
    void aRemarkStandsAfterNote() {
        var reading = read("2 clips, note hooked at the front end, Mind the Wire");
        assertThat(reading.notUnderstood()).isEmpty();
        assertThat(reading.note()).isEqualTo("hooked at the front end, Mind the Wire");
        assertThat(reading.fixings()).hasSize(1);
        assertThat(reading.fixings().getFirst().where()).isEmpty();
        assertThat(reading.chips(cabin(), 1))
                .anySatisfy(chip -> assertThat(chip.tone()).isEqualTo(Chip.Tone.KEPT_AS_NOTE));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "hooked at the front                        | “hooked at the front”",
                "-3 screws, bag 4                           | “-3 screws”",
                "0 screws                                   | “0 screws”",
                "2 clips, hooked in front, bag 2            | “hooked in front”",
                "6 screws no. 8 roughly, bag 4              | “roughly”",
                "sent to the plater until friday, please    | “sent to the plater until friday” and “please”",
                "under the seat                             | “under the seat”",
                "the wire behind it is brittle              | “the wire behind it is brittle”"
            })
    void whatIsNotUnderstoodWholeIsNoStepAndSaysWhichWordsItDidNotKnow(String line, String unknown) {
        assertThat(read(line).notUnderstood()).hasValue("Not understood: %s.".formatted(unknown));
        assertThat(read(line).withUnknownAsNote().notUnderstood()).isEmpty();
    }

    @Test
    void aRemarkAloneTwoPartsAndTwoBagsAreNoStep() {
        assertThat(read("note the seal is brittle").notUnderstood())
                .hasValueSatisfying(why -> assertThat(why).contains("remark alone"));
        assertThat(read("left door seal, left front seat, off").notUnderstood())
                .hasValueSatisfying(
                        why -> assertThat(why).contains("left door seal").contains("left front seat"));
        assertThat(read("2 screws bag 3, 2 clips bag 4").notUnderstood())
                .hasValueSatisfying(why -> assertThat(why).contains("two bags"));
        assertThat(read("2 screws bag 3, 2 clips bag 3").notUnderstood()).isEmpty();
        assertThat(read("").notUnderstood()).as("an empty line is a bare off").isEmpty();
    }

    @Property
    void neverFails(@ForAll @StringLength(max = 60) String line) {
        assertThat(read(line).chips(cabin(), 0)).isNotEmpty();
    }

    @Property
    void neverFailsOnItsOwnWords(@ForAll("scraps") String line) {
        assertThat(read(line).chips(cabin(), 0)).isNotEmpty();
    }

    @net.jqwik.api.Provide
    net.jqwik.api.Arbitrary<String> scraps() {
        return net.jqwik.api.Arbitraries.of(
                        "bag",
                        "0",
                        "999",
                        "1000",
                        "2",
                        "mm",
                        "lever",
                        "under",
                        ",",
                        "no.",
                        "M8",
                        "x",
                        "clips",
                        "loose",
                        "covered by",
                        "left door seal",
                        "3/8\"",
                        "never",
                        "there")
                .list()
                .ofMaxSize(9)
                .map(words -> String.join(" ", words));
    }

    @Test
    void oneOrAnotherHoldsIt() {
        var reading = Shorthand.read("trapped behind the left front seat or left sill cover", MEMBER, cabin(), log());
        assertThat(reading.rules())
                .containsExactly(new StripRule(MEMBER, StripReason.TRAPPED_BEHIND, List.of(SILL, SEAT)));
        assertThat(reading.note()).isEmpty();
    }

    @Test
    void aJointThatIsDestroyedIsAskedAfter() {
        assertThat(Shorthand.read("2 rivets, drilled, bag 4", SILL, cabin(), log())
                        .wanted(1))
                .containsExactly(Wanted.REJOINING);
        assertThat(Shorthand.read("2 rivets, drilled, bag 4, rejoin with new rivets", SILL, cabin(), log())
                        .wanted(1))
                .isEmpty();
    }

    @Test
    void aMissingOneIsLikeItsFellows() {
        var lots = Shorthand.read("6 screws no. 8, 1 clip grey, 1 clip missing", SILL, cabin(), log())
                .fixings();
        assertThat(lots.getLast().colour()).isEqualTo("grey");
        assertThat(lots.getLast().condition()).isEqualTo(Condition.MISSING);
    }

    @Test
    void soManyMoreOfTheSameNeedNoKind() {
        var reading = Shorthand.read("6 screws no8 1 clip grey 1 missing two never there b4", SILL, cabin(), log());
        assertThat(reading.fixings())
                .extracting(FixingLot::said)
                .containsExactly(
                        "6 screws no. 8",
                        "1 trim clip, grey",
                        "1 trim clip, grey, missing",
                        "2 trim clips, grey, never there");
        assertThat(reading.note()).isEmpty();
        assertThat(reading.bag()).isEqualTo(new Bag.Numbered(4));
        assertThat(Shorthand.read("1 missing", SILL, cabin(), log()).unknown()).isNotEmpty();
    }
}
