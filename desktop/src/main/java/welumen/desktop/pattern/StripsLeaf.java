package welumen.desktop.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import welumen.cut.stock.Stock;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.MmField;
import welumen.measure.Lengths;
import welumen.pattern.strip.BiasPlan;
import welumen.pattern.strip.Binding;
import welumen.pattern.strip.Piping;
import welumen.pattern.strip.StripPlan;
import welumen.pattern.strip.StripRuns;
import welumen.pattern.strip.StripRuns.Run;

/** The strips that bound and piped edges want: how wide, how many, where they are joined. */
final class StripsLeaf extends Leaf {
    private final ComboBox<Binding> way = new ComboBox<>();
    private final MmField offset;
    private final MmField edge;
    private final MmField cord;
    private final MmField cover;
    private final MmField fold;
    private final MmField longest;
    private final ComboBox<Stock> stock = new ComboBox<>();
    private final Label guesses = Nodes.label("", Styles.NOTE);
    private final VBox list = new VBox(8);
    private final StripFelt felt = new StripFelt();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    StripsLeaf(JobModel model) {
        super(model);
        guesses.setId("strip-guesses");
        guesses.managedProperty().bind(guesses.textProperty().isNotEmpty());
        guesses.setMinHeight(USE_PREF_SIZE);
        way.getItems().setAll(Binding.values());
        way.setValue(Binding.TURNED);
        way.setId("binding-way");
        way.setMinWidth(170);
        WordCell.in(way, Binding::word);
        way.valueProperty().subscribe(this::reckon);
        offset = new MmField("binding-offset", "10 mm", this::reckon).keptWithThePart(model);
        edge = new MmField("bound-edge", "8 mm", this::reckon).keptWithThePart(model);
        cord = new MmField("piping-cord", "4 mm", this::reckon).keptWithThePart(model);
        cover = new MmField("piping-cover", "1.2 mm", this::reckon).keptWithThePart(model);
        fold = new MmField("strip-fold", "20 mm", this::reckon).keptWithThePart(model);
        longest = new MmField("strip-length", "1400 mm", this::reckon).keptWithThePart(model);
        stock.setId("strip-stock");
        stock.setMinWidth(150);
        WordCell.in(stock, Stock::id, "as typed");
        stock.valueProperty().subscribe(this::stockChosen);
        answer.setId("strips-answer");
        list.setId("strips");
        getChildren()
                .addAll(
                        new FlowPane(
                                14,
                                10,
                                Nodes.field("Binding", way),
                                Nodes.field("Stitched in by", offset),
                                Nodes.field("Edge thick", edge),
                                Nodes.field("Piping cord", cord),
                                Nodes.field("Its cover", cover),
                                Nodes.field("Folded at ends", fold),
                                Nodes.field("Cut from", stock),
                                Nodes.field("Strips as long as", longest)),
                        guesses,
                        Nodes.beside(felt, Nodes.scroll(list), 460));
    }

    private List<MmField> fields() {
        return List.of(offset, edge, cord, cover, fold, longest);
    }

    @Override
    protected Node first() {
        return way;
    }

    /** As long as the stock is the longer way. */
    private void stockChosen() {
        if (stock.getValue() == null) return;
        longest.setText(Lengths.field(Math.floor(stock.getValue().longestMm())));
        reckon();
    }

    @Override
    protected void refresh() {
        fields().forEach(MmField::showKept);
        Nodes.refill(stock, model.yard().state().stock().here(), null);
        reckon();
    }

    /** In mm, as typed. */
    private record Sizes(double offset, double edge, double cord, double cover, double fold, double longest) {}

    private void reckon() {
        list.getChildren().clear();
        felt.clear();
        guesses.setText(MmField.guesses(fields()));
        sizes().ifPresent(this::show);
    }

    /** Empty where one cannot be read, which is said. */
    private Optional<Sizes> sizes() {
        var mm = new ArrayList<Double>();
        for (var field : fields()) {
            if (field.mm().isEmpty()) {
                answer.setText(field.wrong());
                return Optional.empty();
            }
            mm.add(field.mm().get());
        }
        return Optional.of(new Sizes(mm.get(0), mm.get(1), mm.get(2), mm.get(3), mm.get(4), mm.get(5)));
    }

    private void show(Sizes sizes) {
        var pieces = PatternView.pieces(model);
        var binding = StripRuns.bound(pieces);
        var piping = StripRuns.piped(pieces, model.job().patterns().seams());
        try {
            var tightest = way.getValue().smallestRadiusMm(sizes.offset(), sizes.edge());
            var wide = way.getValue().widthMm(sizes.offset(), sizes.edge());
            var isCloth = !(stock.getValue() instanceof Stock.Hide);
            var bent = way.getValue().bent(binding, sizes.offset(), sizes.edge());
            // leather gives whichever way it is cut
            var slanted = isCloth ? bent : List.<Run>of();
            show(
                    "Binding",
                    binding.stream().filter(run -> !slanted.contains(run)).toList(),
                    wide,
                    sizes);
            showBias(slanted, wide, sizes);
            show("Piping", piping, new Piping(sizes.cord(), sizes.cover(), Piping.USUAL_FLANGE_MM).widthMm(), sizes);
            answer.setText(said(binding, piping, bends(bent.size(), tightest, isCloth)));
        } catch (IllegalArgumentException none) {
            answer.setText(none.getMessage());
        }
    }

    private static String said(List<Run> binding, List<Run> piping, String bends) {
        if (binding.isEmpty() && piping.isEmpty())
            return "No edge is bound or piped: say on the first leaf what becomes of each.";
        var words = new ArrayList<String>();
        if (!binding.isEmpty()) words.add("%.2f m of binding".formatted(length(binding) / 1000));
        if (!piping.isEmpty()) words.add("%.2f m of piping, each seam once".formatted(length(piping) / 1000));
        return Words.capital(String.join(" and ", words)) + (binding.isEmpty() ? "." : "; " + bends);
    }

    private static String bends(int bent, double tightest, boolean isCloth) {
        if (bent == 0)
            return "no bend is tighter than %s, so that straight strips do.".formatted(Lengths.near(tightest));
        return isCloth
                ? "%s with a bend tighter than %s, cut on the bias."
                        .formatted(Words.many(bent, "run"), Lengths.near(tightest))
                : "%s with a bend tighter than %s: cut the strip across the backbone, where leather gives, and nick it."
                        .formatted(Words.many(bent, "run"), Lengths.near(tightest));
    }

    /** Strips at 45° from the roll that is chosen, else from one as wide as a strip is long. */
    private void showBias(List<Run> bent, double widthMm, Sizes sizes) {
        if (bent.isEmpty()) return;
        var rollMm = stock.getValue() instanceof Stock.Roll roll ? roll.usableWidth() : sizes.longest();
        var bias = BiasPlan.of(bent.stream().map(Run::lengthMm).toList(), widthMm, sizes.fold(), rollMm);
        felt.add(bias);
        list.getChildren()
                .add(Nodes.label(
                        "Binding at 45°: %s %s wide, %s, from %.2f m of the roll"
                                .formatted(
                                        Words.many(bias.strips().strips(), "strip"),
                                        Lengths.said(widthMm),
                                        Words.many(bias.strips().joins(), "join"),
                                        bias.usedMm() / Stock.MM_PER_M),
                        Styles.STRONG));
        for (var i = 0; i < bent.size(); i++)
            list.getChildren()
                    .add(Nodes.label(
                            "%s: %s, round a bend of %s%s"
                                    .formatted(
                                            Words.capital(bent.get(i).where()),
                                            Lengths.near(bent.get(i).lengthMm()),
                                            Lengths.near(bent.get(i).tightestMm()),
                                            at(bias.strips().runs().get(i).joins())),
                            Styles.MEASURE));
    }

    private static double length(List<Run> runs) {
        return runs.stream().mapToDouble(Run::lengthMm).sum();
    }

    /** One kind of strip, and each of its runs. */
    private void show(String what, List<Run> runs, double widthMm, Sizes sizes) {
        if (runs.isEmpty()) return;
        var plan = StripPlan.of(runs.stream().map(Run::lengthMm).toList(), widthMm, sizes.fold(), sizes.longest());
        felt.add(plan.strips(), sizes.longest(), widthMm);
        list.getChildren()
                .add(Nodes.label(
                        "%s: %s %s wide, %s of the stock, %s, %s of the last left"
                                .formatted(
                                        what,
                                        Words.many(plan.strips(), "strip"),
                                        Lengths.said(widthMm),
                                        Lengths.near(plan.strips() * widthMm),
                                        Words.many(plan.joins(), "join"),
                                        Lengths.near(plan.leftMm())),
                        Styles.STRONG));
        for (var i = 0; i < runs.size(); i++) {
            var joins = plan.runs().get(i).joins();
            list.getChildren()
                    .add(Nodes.label(
                            "%s: %s%s"
                                    .formatted(
                                            Words.capital(runs.get(i).where()),
                                            Lengths.near(runs.get(i).lengthMm()),
                                            at(joins)),
                            Styles.MEASURE));
        }
    }

    private static String at(List<Double> joins) {
        return joins.isEmpty()
                ? ""
                : joins.stream().map("%.0f"::formatted).collect(Collectors.joining(" and ", ", joined at ", " mm"));
    }
}
