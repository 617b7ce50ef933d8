package welumen.desktop.strip;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.jspecify.annotations.Nullable;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.diary.Closing;
import welumen.job.LogSearch;
import welumen.strip.LearntTimes;
import welumen.strip.StripCautions;
import welumen.strip.fixing.FixingPlaces;
import welumen.strip.reach.Hold;
import welumen.strip.reach.ReachPlanner;
import welumen.strip.reach.ReachPlanner.Reach;
import welumen.strip.reach.WhatHolds;

/** On felt: what must come off to reach a part, in order, with time, tools and cautions. */
final class ReachFelt extends VBox {
    private final JobModel model;
    private final ComboBox<Part> goal = new ComboBox<>();
    private final VBox route = new VBox(8);
    private @Nullable PartId pickedBefore;
    private boolean filling;

    ReachFelt(JobModel model) {
        super(10);
        this.model = model;
        goal.setId("goal");
        goal.setMaxWidth(Double.MAX_VALUE);
        goal.setAccessibleText("What you want to get at");
        goal.setConverter(new StringConverter<>() {
            @Override
            public String toString(Part part) {
                return part == null ? "" : part.name();
            }

            @Override
            public Part fromString(String text) {
                throw new UnsupportedOperationException("The list is not typed into.");
            }
        });
        goal.valueProperty().subscribe(() -> {
            if (!filling) showRoute();
        });
        var scroll = Nodes.scroll(route);
        getChildren().addAll(Nodes.whole("To reach the", Styles.ON_FELT_FAINT), goal, scroll);
        getStyleClass().add(Styles.FELT);
    }

    void refresh() {
        filling = true;
        var parts = model.job().cabin().parts();
        if (!goal.getItems().equals(parts)) goal.getItems().setAll(parts);
        var picked = model.pickedProperty().get();
        if (picked != null && !picked.equals(pickedBefore))
            goal.setValue(
                    model.job().cabin().one(ReachPlanner.behind(model.job().strip(), picked)));
        pickedBefore = picked;
        filling = false;
        showRoute();
    }

    private void showRoute() {
        route.getChildren().clear();
        if (goal.getValue() == null) return;
        var target = goal.getValue().id();
        var times = new LearntTimes(model.job().cabin(), model.job().work());
        switch (ReachPlanner.plan(model.job().cabin(), model.job().strip(), target, times::takesOff)) {
            case Reach.Route way -> {
                var before = way.parts().stream()
                        .filter(part -> !part.equals(target))
                        .toList();
                say(way, before);
                steps(before, target, times);
                cautions(way.parts().isEmpty() ? List.of(target) : way.parts());
            }
            case Reach.Circle(var parts) -> circle(parts);
        }
    }

    private void circle(List<PartId> parts) {
        route.getChildren().add(Nodes.label("These wait for each other in a circle:", Styles.ON_FELT_DANGER));
        for (var part : parts) route.getChildren().add(step(part, "waits for the next", "", 0));
        LogSearch.circleMadeBy(model.log(), parts)
                .ifPresent(entry -> route.getChildren()
                        .add(Nodes.label(
                                "It was closed %s by %s. Take that back, or let one come free another way: “fouls the … or the …”."
                                        .formatted(
                                                Words.when(
                                                        entry.at(),
                                                        model.nowProperty().get(),
                                                        model.zone()),
                                                entry.author()),
                                Styles.ON_FELT_WAX)));
    }

    private void say(Reach.Route way, List<PartId> before) {
        var answer = way.parts().isEmpty()
                ? "It is off already."
                : before.isEmpty()
                        ? "Nothing is in the way."
                        : "%d more to come off, %s".formatted(before.size(), Words.about(way.time()));
        route.getChildren().add(Nodes.label(answer, Styles.STRONG));
        var wants = new ArrayList<>(way.tools());
        if (way.bags() > 0) wants.add(Words.many(way.bags(), "bag"));
        if (!wants.isEmpty()) route.getChildren().add(Nodes.label(String.join(", ", wants), Styles.ON_FELT_FAINT));
        if (!way.parts().isEmpty() && !model.signOff().stillOut().isEmpty())
            later(way.parts().getLast());
        if (!way.isProvenLeast())
            route.getChildren()
                    .add(Nodes.label(
                            "The best way found; none can take under %d min."
                                    .formatted(way.atLeast().toMinutes()),
                            Styles.ON_FELT_FAINT));
    }

    /** How deep to go now, while this much is out: what it costs later. */
    private void later(PartId part) {
        var line = Closing.deeper(model.standing(), part);
        if (!line.then().work().equals(line.now().work()))
            route.getChildren()
                    .add(Nodes.label(
                            "There and back %s now; once all that is out is back, %s%s."
                                    .formatted(
                                            Words.about(line.now().work()),
                                            Words.about(line.then().work()),
                                            line.then().lost().isEmpty()
                                                    ? ""
                                                    : ", and lost: "
                                                            + String.join(
                                                                    ", ",
                                                                    line.then().lost())),
                            Styles.ON_FELT_FAINT));
    }

    private void steps(List<PartId> before, PartId target, LearntTimes times) {
        var indent = 0;
        for (var part : before) {
            route.getChildren()
                    .add(step(
                            part,
                            detail(part, times),
                            part.equals(model.pickedProperty().get()) ? "now" : "",
                            indent));
            indent = Math.min(indent + 10, 50);
        }
        var out = model.job().strip().isOff(target);
        route.getChildren().add(step(target, out ? "off" : "what you want to see", "goal", indent));
    }

    private String detail(PartId part, LearntTimes times) {
        var places = model.job().strip().placesOf(part).stream()
                .mapToInt(FixingPlaces::count)
                .sum();
        var left = WhatHolds.fixingsLeftAfter(model.job().strip(), part, List.of()).stream()
                .mapToInt(Hold.ByFixings::left)
                .sum();
        var minutes = times.takesOff(model.job().cabin().one(part)).toMinutes();
        return places == 0 ? minutes + " min" : "%d of %d out · %d min".formatted(places - left, places, minutes);
    }

    private Node step(PartId part, String detail, String style, int indent) {
        var name = Nodes.label(model.job().cabin().one(part).title(), Styles.STRONG);
        var box = Nodes.column(1, name, Nodes.label(detail, Styles.ON_FELT_FAINT));
        box.getStyleClass().add("reach-part");
        if (!style.isEmpty()) box.getStyleClass().add(style);
        VBox.setMargin(box, new Insets(0, 0, 0, indent));
        return box;
    }

    private void cautions(List<PartId> parts) {
        parts.stream()
                .flatMap(part -> StripCautions.of(model.job().cabin().one(part).kind()).stream())
                .distinct()
                .forEach(caution -> route.getChildren().add(Nodes.label(caution.sentence(), Styles.ON_FELT_WAX)));
    }
}
