package welumen.refit;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.Saloon.CARPET;
import static welumen.strip.Saloon.SEAL;
import static welumen.strip.Saloon.SILL;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.refit.RefitChange.PartPutBack;
import welumen.strip.Saloon;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripLog;
import welumen.strip.account.BagContents;
import welumen.strip.account.FixingLedger;
import welumen.strip.fixing.FixingKind;
import welumen.strip.line.Shorthand;

class FixingAccountTest {
    private static StripLog strip() {
        var log = Saloon.log();
        log = step(log, SEAL, "lifted");
        log = step(log, SILL, "5 screws no. 8, 1 screw no. 8 broken, 1 clip grey, 1 clip grey missing, bag 3");
        return step(log, CARPET, "4 screws no. 6, 20 push pins, 2 push pins broken, bag 3, off");
    }

    @Test
    void everyKindIsFollowedFromStripToRefit() {
        var refit = RefitLog.EMPTY.after(new PartPutBack(new PutBack(SILL, 6, "screw and clip on order")));
        var lines = FixingAccount.of(strip(), refit);
        var screws = line(lines, FixingKind.SCREW, "no. 8");
        assertThat(screws.out()).isEqualTo(6);
        assertThat(screws.usable()).isEqualTo(5);
        assertThat(screws.backIn()).isEqualTo(5);
        assertThat(screws.inHand()).isZero();
        assertThat(screws.bags()).containsExactly(3);
        assertThat(line(lines, FixingKind.PUSH_PIN, "").inHand()).isEqualTo(20);
    }

    @Test
    void whatWasNamedCountsAsNamed() {
        var lots = Shorthand.read("4 screws no. 8, 1 clip grey", SILL, Saloon.cabin(), strip())
                .fixings();
        var refit = RefitLog.EMPTY.after(new PartPutBack(new PutBack(SILL, 5, lots, "one screw lost")));
        assertThat(line(FixingAccount.of(strip(), refit), FixingKind.SCREW, "no. 8")
                        .inHand())
                .isEqualTo(1);
    }

    /** One spare for all clips together, none for screws; the colour of the head is part of the order. */
    @Test
    void whatIsToBuyIsCountedOverAllParts() {
        assertThat(FixingLedger.toBuy(strip()))
                .containsExactly(
                        new FixingLedger.ToBuy(FixingKind.SCREW, "no. 8", "", 1),
                        new FixingLedger.ToBuy(FixingKind.PUSH_PIN, "", "", 3),
                        new FixingLedger.ToBuy(FixingKind.TRIM_CLIP, "", "grey", 2));
    }

    @Test
    void differentLengthsInOneBagAreCalledOut() {
        var bag = BagContents.of(strip(), 3);
        assertThat(bag.count()).isEqualTo(6 + 1 + 4 + 22);
        assertThat(bag.easilyMixed()).extracting(inside -> inside.lot().size()).containsOnly("no. 8", "no. 6");
        assertThat(bag.easilyMixed()).extracting(BagContents.Inside::part).contains(SILL, CARPET);
    }

    private static FixingAccount.Line line(List<FixingAccount.Line> lines, FixingKind kind, String size) {
        return lines.stream()
                .filter(line -> line.kind() == kind && line.size().equals(size))
                .findFirst()
                .orElseThrow();
    }

    private static StripLog step(StripLog log, PartId part, String line) {
        return log.after(
                new StepLogged(Shorthand.read(line, part, Saloon.cabin(), log).step(log.nextStep(), List.of())));
    }
}
