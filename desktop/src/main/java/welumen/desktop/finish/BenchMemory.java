package welumen.desktop.finish;

import java.util.List;
import java.util.stream.Stream;
import welumen.desktop.model.JobModel;
import welumen.finish.FinishBook;
import welumen.finish.sheen.CardBook;
import welumen.finish.sheen.SheenLearnt;
import welumen.finish.sheen.TestCard;
import welumen.finish.underway.GoneWrong;

/** What the finish benches of all cars of this yard have taught. */
final class BenchMemory {
    private BenchMemory() {}

    private static Stream<FinishBook> books(JobModel model) {
        return Stream.concat(
                model.others().all().stream().map(other -> other.state().finish()),
                Stream.of(model.job().finish()));
    }

    private static List<TestCard> cards(JobModel model) {
        return books(model).flatMap(book -> book.cards().cards().stream()).toList();
    }

    static SheenLearnt sheen(JobModel model) {
        return new SheenLearnt(cards(model));
    }

    /** Set-ups whose card was accepted, of each product the latest. */
    static List<TestCard> good(JobModel model) {
        return CardBook.good(cards(model));
    }

    static List<GoneWrong> gone(JobModel model) {
        return books(model).flatMap(book -> book.coatings().gone().stream()).toList();
    }
}
