package welumen.desktop.pattern;

import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.beans.binding.Bindings;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.MmField;
import welumen.desktop.stage.Reads;
import welumen.desktop.stage.WordLine;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Length;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.Clearance;
import welumen.pattern.PatternChange.ClearanceMeasured;
import welumen.pattern.PatternChange.FigureSaid;
import welumen.pattern.PatternChange.LayersSaid;
import welumen.pattern.layer.Bend;
import welumen.pattern.layer.BendText;
import welumen.pattern.layer.BuildUp;
import welumen.pattern.layer.Layers;
import welumen.pattern.thick.Lid;
import welumen.pattern.thick.Rivet;

/** What a thicker build-up does: to lengths round bends, to rivets and screws, and to what must move freely. */
final class ThicknessLeaf extends Leaf {
    private final WordLine<BuildUp> before;
    private final WordLine<BuildUp> now;
    private final WordLine<List<Bend>> bends;
    private final WordLine<BuildUp> stack;
    private final MmField setting;
    private final MmField lidLength;
    private final MmField lidThick;
    private final MmField lidCover;
    private final MmField lidLining;
    private final WordLine<Clearance> clearance;
    private final VBox working = new VBox(4);
    private final Label rivet = Nodes.label("");
    private final Label lid = Nodes.label("");
    private final VBox clearances = new VBox(6);
    private Optional<PartId> shown = Optional.empty();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    ThicknessLeaf(JobModel model) {
        super(model, Reads.CAR, Reads.PICKED);
        setting = new MmField("rivet-setting", "3 mm", this::reckon).keptWithThePart(model);
        lidLength = new MmField("lid-length", "", this::reckon).keptWithThePart(model);
        lidThick = new MmField("lid-thick", "", this::reckon).keptWithThePart(model);
        lidCover = new MmField("lid-cover", "1.2 mm", this::reckon).keptWithThePart(model);
        lidLining = new MmField("lid-lining", "1.2 mm", this::reckon).keptWithThePart(model);
        before = layers("build-up-before", "Layers before", "0 for none").onEnter(_ -> layersTyped(), answer::setText);
        now = layers("build-up-now", "Layers now", "What lies beneath, one over the other")
                .onEnter(_ -> layersTyped(), answer::setText);
        bends = new WordLine<List<Bend>>(
                        "bends",
                        "Bends on the way",
                        BendText::read,
                        way -> List.of(BendText.of(way).split(", ")))
                .example("none")
                .knows("Sharp hollow", "1 sharp hollow", "An inside bend, as where floor and tunnel meet")
                .knows("Hollow", "1 hollow", "A rounded inside bend")
                .knows("Sharp ridge", "1 sharp ridge", "An outside bend")
                .knows("Ridge", "1 ridge", "A rounded outside bend")
                .onEnter(_ -> layersTyped(), answer::setText);
        stack = layers("rivet-stack", "Rivets and screws go through", "3 mm + 1.2 mm + 9 mm")
                .onEnter(_ -> stackTyped(), rivet::setText);
        clearance = new WordLine<Clearance>(
                        "clearance",
                        "Something that must move freely, with its room",
                        this::readClearance,
                        one -> List.of(one.what(), "%s left".formatted(Lengths.near(one.leftMm()))))
                .example("Nothing that moves was measured yet")
                .knows(
                        "Must move freely",
                        Lengths.example("handbrake lever 22 free, 15 needed", "handbrake lever 7/8 free, 5/8 needed"),
                        "What moves, how much room it has, and how much it needs; the layers take theirs")
                .knows(
                        "Taken",
                        Lengths.example("6 taken", "1/4 taken"),
                        "What is taken of the room, where it is not the layers")
                .onEnter(one -> model.make(new AtPattern(new ClearanceMeasured(one))), answer::setText);
        answer.setId("thickness-answer");
        rivet.setId("rivet");
        lid.setId("lid");
        clearances.setId("clearances");
        var all = Nodes.column(
                18,
                halves(Nodes.field("Layers before", before), Nodes.field("Layers now", now)),
                Nodes.field("Bends on the way", bends),
                working,
                halves(Nodes.field("Rivets and screws go through", stack), Nodes.field("To set", setting)),
                rivet,
                Nodes.form(
                        14,
                        Nodes.field("Lid: pin to free edge", lidLength),
                        Nodes.field("Thick, covered", lidThick),
                        Nodes.field("Cover on its edge", lidCover),
                        Nodes.field("On the frame’s edge", lidLining)),
                lid,
                Nodes.field("Must move freely", clearance),
                clearances);
        working.managedProperty().bind(Bindings.isNotEmpty(working.getChildren()));
        rivet.managedProperty().bind(rivet.textProperty().isNotEmpty());
        getChildren().addAll(all);
    }

    /** Two of them beside each other, level at their heads. */
    private static Node halves(Node one, Node other) {
        var row = Nodes.row(18, Nodes.grown(one), Nodes.grown(other));
        row.setMinWidth(0);
        return row;
    }

    private static WordLine<BuildUp> layers(String id, String word, String example) {
        return new WordLine<BuildUp>(
                        id,
                        word,
                        BuildUp::read,
                        layers -> layers.layers().stream()
                                .map(layer -> Lengths.near(layer.laidMm()))
                                .toList())
                .joinedBy("+")
                .example(example)
                .knows("A layer", Lengths.example("2 mm", "1/16"), "One more layer, so thick")
                .knows(
                        "Crushed foam",
                        Lengths.example("16 mm crushed 30 %", "5/8 crushed 30 %"),
                        "Foam, and by what share it is crushed where it lies");
    }

    private Parsed<Clearance> readClearance(String text) {
        return Clearance.read(
                text, thickerMm(), model.picked().map(Part::id).stream().toList());
    }

    @Override
    protected Node first() {
        return now.field();
    }

    /** How many things here want an answer. */
    static int wanting(JobModel model) {
        return (int) model.job().patterns().known().clearances().stream()
                .filter(one -> !one.isKept())
                .count();
    }

    @Override
    protected void refresh() {
        if (!shown.equals(model.picked().map(Part::id)) || keptLater()) showKept();
        reckon();
        clearances.getChildren().clear();
        for (var one : model.job().patterns().known().clearances())
            clearances
                    .getChildren()
                    .add(Nodes.label(
                            "%s: %s free, %s taken, %s left of %s needed%s"
                                    .formatted(
                                            one.what(),
                                            Lengths.near(one.freeMm()),
                                            Lengths.near(one.grownMm()),
                                            Lengths.near(one.leftMm()),
                                            Lengths.near(one.neededMm()),
                                            one.isKept() ? "" : ": it will not move freely" + held(one)),
                            one.isKept() ? Styles.MEASURE : Styles.DANGER));
    }

    private String held(Clearance one) {
        return one.parts().stream()
                .map(part -> ", and nothing of the %s is cut"
                        .formatted(model.job().cabin().one(part).name()))
                .findFirst()
                .orElse("");
    }

    private void reckon() {
        working.getChildren().clear();
        answer.setText(told());
        lid.setText(lid());
        rivet.setText(
                stack.field().getText().isBlank()
                        ? ""
                        : switch (BuildUp.read(stack.field().getText())) {
                            case Refused<BuildUp>(var why) -> why;
                            case Understood<BuildUp>(var layers) ->
                                setting.mm().map(mm -> rivet(layers, mm)).orElseGet(setting::wrong);
                        });
    }

    private String told() {
        if (now.field().getText().isBlank())
            return "Nobody has said what lies beneath: type the layers as they will be.";
        return switch (read()) {
            case Refused<Layers>(var why) -> why;
            case Understood<Layers>(var layers) -> grown(layers.before(), layers.now(), layers.way());
        };
    }

    /** Of the fields; where nothing lay there before, or nothing bends, that is so. */
    private Parsed<Layers> read() {
        return BuildUp.read(
                        before.field().getText().isBlank()
                                ? "0"
                                : before.field().getText())
                .flatMap(was ->
                        BuildUp.read(now.field().getText()).flatMap(is -> way().map(way -> new Layers(was, is, way))));
    }

    private Parsed<List<Bend>> way() {
        return bends.field().getText().isBlank()
                ? new Understood<>(List.of())
                : BendText.read(bends.field().getText());
    }

    private Optional<Layers> said() {
        return model.picked()
                .map(part -> model.job().patterns().known().beneath().layers().get(part.id()));
    }

    /** What is typed of the layers is kept with the part as soon as it can be read whole. */
    private boolean layersTyped() {
        var part = model.picked();
        if (part.isPresent()
                && !now.field().getText().isBlank()
                && read() instanceof Understood<Layers>(var layers)
                && !said().equals(Optional.of(layers)))
            model.make(new AtPattern(new LayersSaid(part.get().id(), layers)));
        reckon();
        return false; // it stands there afterwards
    }

    private boolean stackTyped() {
        var part = model.picked();
        if (part.isPresent() && BuildUp.read(stack.field().getText()) instanceof Understood<BuildUp>(var layers))
            model.make(
                    new AtPattern(new FigureSaid(part.get().id(), stack.field().getId(), layers.text())));
        reckon();
        return false; // it stands there afterwards
    }

    private void showKept() {
        shown = model.picked().map(Part::id);
        before.field().setText(said().map(layers -> layers.before().text()).orElse(""));
        now.field().setText(said().map(layers -> layers.now().text()).orElse(""));
        bends.field().setText(said().map(layers -> BendText.of(layers.way())).orElse(""));
        stack.field()
                .setText(shown.flatMap(part -> model.job()
                                .patterns()
                                .known()
                                .figure(part, stack.field().getId()))
                        .orElse(""));
        for (var field : List.of(setting, lidLength, lidThick, lidCover, lidLining)) field.showKept();
    }

    private String grown(BuildUp was, BuildUp is, List<Bend> way) {
        var thicker = is.thickerMm(was);
        var longer = is.longerMm(was, way);
        way.stream()
                .distinct()
                .sorted(Comparator.comparing(Bend::kind).thenComparing(Bend::angle))
                .forEach(bend -> working.getChildren().add(line(bend, Collections.frequency(way, bend), thicker)));
        return "%s thicker: the covering is cut %s %s than before%s"
                .formatted(
                        Lengths.said(thicker),
                        Lengths.near(Math.abs(longer)),
                        longer < 0 ? "shorter" : "longer",
                        is.isNear(was, way) ? "." : "; the old one is no pattern for it.");
    }

    /** Whether what is kept is not what stands here, and nobody is typing. */
    private boolean keptLater() {
        return Stream.of(before, now, bends, stack)
                .noneMatch(line -> line.field().isFocused());
    }

    private static Label line(Bend bend, int count, double thicker) {
        return Nodes.label(
                "%d × %s, %.0f°: %+.1f mm, %+.1f to each side of a bend"
                        .formatted(
                                count,
                                bend.kind().word(),
                                Math.toDegrees(bend.angle()),
                                count * bend.growthMm(thicker),
                                bend.eachSideMm(thicker)),
                Styles.MEASURE);
    }

    /** By how much what is laid now is thicker than what was laid before; nought where nobody has said. */
    private double thickerMm() {
        return said().map(Layers::thickerMm).orElse(0.0);
    }

    private String lid() {
        if (lidLength.getText().isBlank() || lidThick.getText().isBlank())
            return "Type how long a lid is and how thick, to see the gap in which it swings free.";
        for (var field : List.of(lidLength, lidThick, lidCover, lidLining))
            if (field.mm().isEmpty()) return field.wrong();
        try {
            var swung = new Lid(
                    lidLength.mm().orElseThrow(),
                    lidThick.mm().orElseThrow(),
                    lidCover.mm().orElseThrow(),
                    lidLining.mm().orElseThrow());
            return "%s between the bare edges, so that the lid swings free; hinge packed out by %s over the layers now."
                    .formatted(Lengths.said(swung.gapMm()), Lengths.said(Math.max(0, thickerMm())));
        } catch (IllegalArgumentException none) {
            return "A lid has a length over nought.";
        }
    }

    private static String rivet(BuildUp layers, double setting) {
        var length = Rivet.lengthMm(
                setting,
                layers.layers().stream().mapToDouble(BuildUp.Layer::laidMm).toArray());
        var inches = Rivet.eighths(length);
        var over = inches.errorFrom(Length.ofMm(length));
        return "%s through and through: %s; in inches %s, %s over."
                .formatted(
                        Lengths.said(length),
                        Rivet.usual(length)
                                .map(stock -> "the next in stock is " + Lengths.said(stock))
                                .orElse("none in stock is long enough"),
                        inches.print(),
                        Lengths.said(over.doubleValue()));
    }
}
