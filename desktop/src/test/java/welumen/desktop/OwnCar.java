package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import welumen.job.Job;
import welumen.pattern.piece.Piece;

/** A workshop of one's own, begun at the door, and one car in it: where written pieces of work are walked, far from the demo. */
final class OwnCar implements AutoCloseable {
    private static final Instant MONDAY = Instant.parse("2026-04-13T07:30:00Z");

    final Workbench bench;

    private OwnCar(Workbench bench) {
        this.bench = bench;
    }

    /**
     * @param model an invented one
     * @param body as its button is called
     */
    static OwnCar takenIn(Path home, String year, String model, String body) {
        var bench = Workbench.atTheDoor(home, MONDAY);
        bench.click("door-begin");
        bench.type("door-name", "Tallow Yard");
        bench.type("door-people", "Edda, Corin");
        bench.typeAndEnter("door-currency", "gbp");
        bench.entered();
        bench.type("new-car", model);
        bench.type("new-year", year);
        bench.type("new-customer", "Mr Sedge");
        bench.click("new-body-" + body);
        bench.click("new-wheel-left");
        bench.click("take-in");
        return new OwnCar(bench);
    }

    Job job() {
        return bench.ask(() -> bench.model().job());
    }

    String part(String likely) {
        return part(job(), likely);
    }

    /** The name that the body gives a part; some bodies have one door a side, and no “front” in its name. */
    static String part(Job job, String likely) {
        var words = List.of(likely.split("-"));
        var all = job.cabin().parts().stream().map(part -> part.id().value()).toList();
        return all.contains(likely)
                ? likely
                : all.stream()
                        .filter(id -> words.stream()
                                .allMatch(word -> List.of(id.split("-")).contains(word)))
                        .findFirst()
                        .orElseThrow(() -> new AssertionError("This car has no " + likely));
    }

    Piece piece(String name) {
        return job().patterns().pieces().stream()
                .filter(piece -> piece.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError("There is no piece " + name));
    }

    /** Draws from a typed line, at Pattern. */
    Piece draw(String part, String line) {
        if (bench.robot.lookup("#draw").tryQuery().isEmpty()) bench.click("leaf-pieces");
        bench.pick(part(part));
        bench.typeAndEnter("draw", line);
        return job().patterns().pieces().getLast();
    }

    /** Of a list that is filled with what only the window knows. */
    void chooseNth(String id, int which) {
        bench.choose(
                id,
                bench.ask(() -> bench.robot
                        .lookup("#" + id)
                        .<ComboBox<Object>>query()
                        .getItems()
                        .get(which)));
    }

    /** All that stands in the window. */
    List<String> says() {
        return bench.ask(
                () -> bench.robot.lookup((Node node) -> node instanceof Labeled).queryAllAs(Labeled.class).stream()
                        .map(Labeled::getText)
                        .filter(text -> text != null && !text.isBlank())
                        .toList());
    }

    /** Somewhere in the window. */
    void assertSays(String words) {
        assertThat(says()).as(words).anyMatch(text -> text.contains(words));
    }

    @Override
    public void close() {
        bench.close();
    }
}
