package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.Saloon.CARPET;
import static welumen.strip.Saloon.MEMBER;
import static welumen.strip.Saloon.SEAL;
import static welumen.strip.Saloon.SEAT;
import static welumen.strip.Saloon.SILL;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartId;
import welumen.cabin.PartState;
import welumen.custody.CustodyChange.PartLeftOff;
import welumen.custody.LeftOff;
import welumen.handover.HandoverChange.Checked;
import welumen.handover.SafetyCheck;
import welumen.handover.Stop;
import welumen.job.JobChange.AtHandover;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.InCustody;
import welumen.refit.CountedIn;
import welumen.refit.FixingAccount;
import welumen.refit.PutBack;
import welumen.refit.RefitChange.PartPutBack;
import welumen.refit.SignOff;
import welumen.strip.Saloon;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.account.FixingLedger;
import welumen.strip.fixing.FixingKind;
import welumen.strip.line.Shorthand;
import welumen.strip.reach.Hold;
import welumen.strip.reach.ReachPlanner;
import welumen.strip.reach.WhatHolds;

/** A part comes off, goes back, and comes off again: every question asks how it stands now. */
class OffAndOnTest {
    private Job job = Job.EMPTY.after(new InCabin(new PartsListed(Saloon.cabin().parts())));

    OffAndOnTest() {
        for (var rule : Saloon.log().rules()) job = job.after(new AtStrip(new StripRuleNoted(rule)));
        for (var part : List.of(SEAL, SILL, SEAT, CARPET))
            off(part, part.equals(SILL) ? "6 screws no. 8, bag 3" : "off");
    }

    private void off(PartId part, String line) {
        job = job.after(new AtStrip(new StepLogged(Shorthand.read(line, part, job.cabin(), job.strip())
                .step(job.strip().nextStep(), List.of()))));
    }

    private void back(PartId part, int in) {
        job = job.after(new AtRefit(new PartPutBack(new PutBack(part, in, ""))));
    }

    private void allBack() {
        for (var part : List.of(CARPET, SEAT, SILL, SEAL)) back(part, part.equals(SILL) ? 6 : 0);
    }

    private ReachPlanner.Reach.Route reach(PartId part) {
        return (ReachPlanner.Reach.Route) ReachPlanner.plan(job.cabin(), job.strip(), part);
    }

    @Test
    void whatIsBackInLiesInTheWayAgain() {
        assertThat(reach(MEMBER).parts()).containsExactly(MEMBER);
        allBack();
        assertThat(reach(MEMBER).parts())
                .containsExactlyInAnyOrder(SEAT, SEAL, SILL, CARPET, MEMBER)
                .endsWith(CARPET, MEMBER);
        assertThat(WhatHolds.of(job.strip(), CARPET)).hasSize(2);
        assertThat(job.states()).containsEntry(CARPET, PartState.FITTED);
    }

    @Test
    void itsFixingsHoldItAgainAsTheyWentIn() {
        allBack();
        assertThat(WhatHolds.of(job.strip(), SILL))
                .filteredOn(Hold.ByFixings.class::isInstance)
                .singleElement()
                .satisfies(hold -> {
                    assertThat(((Hold.ByFixings) hold).left()).isEqualTo(6);
                    assertThat(((Hold.ByFixings) hold).places().size()).isEqualTo("no. 8");
                });
        off(SEAL, "off");
        off(SILL, "off");
        job = job.after(new AtRefit(new PartPutBack(new PutBack(
                SILL, 4, CountedIn.read("4 screws no. 10", 6).orThrow().fixings(), "two were stripped"))));
        assertThat(job.strip().placesOf(SILL))
                .as("what went in is what holds it, whatever came out")
                .singleElement()
                .satisfies(places -> {
                    assertThat(places.count()).isEqualTo(4);
                    assertThat(places.size()).isEqualTo("no. 10");
                });
    }

    @Test
    void takenOffAgainItIsOutOnceAndItsPlacesAreNotDoubled() {
        allBack();
        off(SEAL, "off");
        off(SILL, "6 screws no. 8, bag 5");
        assertThat(job.states()).containsEntry(SILL, PartState.OUT);
        assertThat(job.signOff().stillOut()).containsExactly(SEAL, SILL);
        assertThat(SignOff.places(job.strip(), SILL)).isEqualTo(6);
        assertThat(job.stops()).contains(new Stop.StillOut(List.of(SEAL, SILL)));
        assertThat(FixingLedger.of(job.strip(), SILL))
                .singleElement()
                .satisfies(row -> assertThat(row.bags()).containsExactly(5));
        assertThat(FixingAccount.of(job.strip(), job.refit())).singleElement().satisfies(line -> {
            assertThat(line.kind()).isEqualTo(FixingKind.SCREW);
            assertThat(line.out()).isEqualTo(6);
            assertThat(line.inHand()).isEqualTo(6);
        });
        back(SILL, 6);
        back(SEAL, 0);
        assertThat(job.stops()).as("the seat was off too").allMatch(Stop.Unchecked.class::isInstance);
        assertThat(FixingAccount.of(job.strip(), job.refit()).getFirst().inHand())
                .isZero();
    }

    @Test
    void whatLayOverTheFirstTimeIsStillInTheBag() {
        back(SILL, 4);
        off(SILL, "4 screws no. 8, bag 6");
        back(SILL, 4);
        assertThat(FixingAccount.of(job.strip(), job.refit()).getFirst().inHand())
                .isEqualTo(2);
    }

    @Test
    void aCheckOfWhatCameOffAgainIsMadeOnceMore() {
        allBack();
        var torque = new SafetyCheck(SEAT, SafetyCheck.What.TORQUE);
        job = job.after(new AtHandover(new Checked(torque, "Ada")));
        assertThat(job.stops()).isEmpty();
        off(SEAT, "off");
        back(SEAT, 0);
        assertThat(job.stops()).containsExactly(new Stop.Unchecked(torque));
    }

    @Test
    void whatWasLeftOffAndWentInIsNotLeftOffAnyMore() {
        job = job.after(new InCustody(new PartLeftOff(new LeftOff(CARPET, "the loom", SILL))));
        allBack();
        off(SEAT, "off");
        off(CARPET, "off");
        assertThat(job.stops()).filteredOn(Stop.LeftOffStill.class::isInstance).isEmpty();
    }
}
