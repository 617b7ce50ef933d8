package welumen.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
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

    private static PhotoKept photo(String hash, Moment moment, int second) {
        return new PhotoKept(new PartPhoto(SILL, hash, moment, Instant.ofEpochSecond(second)));
    }
}
