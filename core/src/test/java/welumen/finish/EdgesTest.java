package welumen.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.finish.FinishChange.EdgeSaid;
import welumen.finish.mask.Edge;
import welumen.job.Job;
import welumen.job.JobChange.AtFinish;
import welumen.stores.JobNeeds;
import welumen.stores.Need;

/** What stays as it is beside what is sprayed: masked or taken off, in time and risk, and the film that takes. */
class EdgesTest {
    private static final PartId CARD = new PartId("left-front-door-card");

    private static Edge edge(String beside, double metres, double hours, boolean isLapped) {
        return new Edge(CARD, new PartId(beside), metres, hours, false, isLapped, Edge.Way.REASONED);
    }

    @Test
    void reasonGoesUntilSomebodySays() {
        var lamp = edge("lamp", 0.5, 0.4, false);
        assertThat(lamp.isMasked()).isTrue();
        assertThat(lamp.filmM()).isEqualTo(0.55);
        assertThat(lamp.done(Edge.Way.TAKEN_OFF).filmM()).isZero();
        assertThat(lamp.done(Edge.Way.TAKEN_OFF).hours()).isEqualTo(0.4);
        assertThat(edge("handle", 0.5, 0.4, true).isMasked()).as("it laps").isFalse();
    }

    @Test
    void whatWasSaidStandsBeforeWhatIsLikely() {
        var book = FinishBook.EMPTY.after(new EdgeSaid(edge("lamp", 2, 0.4, false)));
        var edges = book.edges().of(CARD, List.of(edge("lamp", 0.5, 0.4, false), edge("pull", 0.3, 0.2, true)));
        assertThat(edges).extracting(Edge::edgeM).containsExactly(2.0, 0.3);
    }

    @Test
    void theFilmIsBoughtByTheEdge() {
        var job = Job.EMPTY
                .after(new AtFinish(new EdgeSaid(edge("lamp", 2, 9, false))))
                .after(new AtFinish(new EdgeSaid(edge("rail", 3.5, 9, false))))
                .after(new AtFinish(new EdgeSaid(edge("pull", 1, 0.1, false).done(Edge.Way.TAKEN_OFF))));
        assertThat(JobNeeds.of(job.patterns(), job.table(), job.finish(), 6, "£"))
                .singleElement()
                .satisfies(need -> {
                    assertThat(need.said()).isEqualTo("6.1 m of masking film");
                    assertThat(need.unit()).isEqualTo(Need.Unit.METRE);
                    assertThat(need.working())
                            .containsExactly("5.5 m of edge beside 2 parts, and a tenth over = 6.1 m");
                });
    }

    @Test
    void anEdgeOfNoLengthIsRefused() {
        assertThatThrownBy(() -> edge("lamp", 0, 1, false))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("Type it in metres");
    }
}
