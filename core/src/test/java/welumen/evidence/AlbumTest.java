package welumen.evidence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static welumen.evidence.Strength.HINT;
import static welumen.evidence.Strength.PROOF;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.evidence.EvidenceChange.Concluded;
import welumen.evidence.EvidenceChange.EvidenceLogged;
import welumen.evidence.EvidenceChange.PhotoKept;
import welumen.evidence.EvidenceChange.PhotoMarked;
import welumen.shape.Point;

class AlbumTest {
    private static final PartId SILL = new PartId("left-sill-cover");

    @Test
    void theFirstBeforeAndTheLastAfterMakeAPair() {
        var album = Album.EMPTY
                .after(photo("b", Moment.BEFORE, 2))
                .after(photo("a", Moment.BEFORE, 1))
                .after(photo("c", Moment.DURING, 3));
        assertThat(album.pair(SILL)).isEmpty();
        var done = album.after(photo("d", Moment.AFTER, 8)).after(photo("e", Moment.AFTER, 9));
        assertThat(done.pair(SILL)).hasValueSatisfying(pair -> {
            assertThat(pair.before().photo()).isEqualTo("a");
            assertThat(pair.after().photo()).isEqualTo("e");
        });
    }

    @Test
    void marksAreDataAndTheNewestStand() {
        var ring = new PhotoMark.Ring(new Point(0.5, 0.5), 0.1);
        var album = Album.EMPTY
                .after(new PhotoMarked("a", List.of(ring, new PhotoMark.Written(new Point(0, 0), "clip"))))
                .after(new PhotoMarked("a", List.of(ring)));
        assertThat(album.marksOn("a")).containsExactly(ring);
        assertThat(album.marksOn("b")).isEmpty();
    }

    @Test
    void evidenceSpeaksForItsParts() {
        var album = Album.EMPTY.after(new EvidenceLogged(new Evidence(
                1, "sage, unfaded", "under the runner", "L 42 a −9 b 12", Strength.PROOF, List.of(SILL), List.of())));
        assertThat(album.about(SILL)).hasSize(1);
        assertThat(album.about(new PartId("dash"))).isEmpty();
        assertThat(album.nextEvidence()).isEqualTo(2);
    }

    /** Two readings of one thing cannot both be right; somebody weighs them, and is named. */
    @Test
    void readingsThatDoNotAgreeAreShownUntilSomebodyConcludes() {
        var album = Album.EMPTY.after(read(1, "sage")).after(read(2, "Sage "));
        assertThat(album.contradicting(SILL)).isEmpty();
        var both = album.after(read(3, "olive"));
        assertThat(both.contradicting(SILL)).extracting(Evidence::number).containsExactly(1, 2, 3);
        var concluded = both.after(new Concluded(new Conclusion(SILL, "sage; olive is a later coat", PROOF, "Ada")));
        assertThat(concluded.conclusions().get(SILL).acceptedBy()).isEqualTo("Ada");
        assertThatThrownBy(() -> new Conclusion(SILL, "sage", PROOF, " ")).hasMessageContaining("who takes it as true");
    }

    private static EvidenceLogged read(int number, String reading) {
        return new EvidenceLogged(
                new Evidence(number, "a scrap", "under a seam", reading, PROOF, List.of(SILL), List.of()));
    }

    private static PhotoKept photo(String hash, Moment moment, int second) {
        return new PhotoKept(new PartPhoto(SILL, hash, moment, Instant.ofEpochSecond(second)));
    }

    @Test
    void aConclusionIsAsStrongAsTheIndependentPlacesThatSupportIt() {
        var album = Album.EMPTY;
        assertThat(Weight.of(album, SILL)).isEqualTo(new Weight(Strength.HINT, 0, true));
        for (var i = 1; i <= 5; i++) album = album.after(new EvidenceLogged(scrap(i, "under the seat", "sage", HINT)));
        assertThat(Weight.of(album, SILL).strength())
                .as("five scraps from one place")
                .isEqualTo(HINT);
        album = album.after(new EvidenceLogged(scrap(6, "behind the card", "sage", HINT)));
        assertThat(Weight.of(album, SILL).said()).isEqualTo("likely, from 2 places");
        album = album.after(new EvidenceLogged(scrap(7, "in the seam", "Sage", Strength.LIKELY)));
        assertThat(Weight.of(album, SILL).strength()).isEqualTo(PROOF);
        album = album.after(new EvidenceLogged(scrap(8, "on the shelf", "olive", HINT)));
        assertThat(Weight.of(album, SILL).said()).isEqualTo("likely, from 4 places that do not agree");
    }

    private static Evidence scrap(int number, String where, String reading, Strength strength) {
        return new Evidence(number, "a scrap", where, reading, strength, List.of(SILL), List.of());
    }
}
