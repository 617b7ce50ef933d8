package welumen.desktop.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.control.cell.ComboBoxTableCell;
import javafx.scene.control.cell.TextFieldTableCell;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.jspecify.annotations.Nullable;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Part;
import welumen.cabin.Supply;
import welumen.desktop.look.Nodes;
import welumen.desktop.model.JobModel;
import welumen.job.JobChange.InCabin;

/**
 * All parts of the car in a list that is put right where it stands. What is changed in one row is changed in all that are
 * marked with it; typed letters leave those whose names have them.
 */
final class PartsList extends VBox {
    private final JobModel model;
    private final TextField letters = new TextField();
    private final TableView<Part> table = new TableView<>();
    private boolean filling;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    PartsList(JobModel model) {
        super(8);
        this.model = model;
        letters.setId("parts-letters");
        letters.setPromptText("Letters of the names to be seen");
        letters.setAccessibleText("Letters of the names to be seen");
        letters.textProperty().subscribe(this::refresh);
        table.setId("parts-list");
        table.setEditable(true);
        table.setAccessibleText(
                "The car’s parts; mark several with Shift or Ctrl, Enter changes a cell of all of them");
        table.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        table.getSelectionModel().selectedItemProperty().subscribe(this::picked);
        table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        table.setPrefHeight(380);
        table.setMinHeight(220);
        var name = column("Part", Part::name, 200);
        var material = column("Made of", Part::material, 200);
        material.setCellFactory(TextFieldTableCell.forTableColumn());
        material.setEditable(true);
        material.setOnEditCommit(edit -> change(
                edit.getRowValue(), part -> part.withMaterial(edit.getNewValue().strip())));
        TableColumn<Part, Supply> supply = new TableColumn<>("Supply");
        supply.setCellValueFactory(
                row -> new ReadOnlyObjectWrapper<>(row.getValue().supply()));
        supply.setCellFactory(ComboBoxTableCell.forTableColumn(words(), Supply.values()));
        supply.setOnEditCommit(edit -> change(edit.getRowValue(), part -> part.withSupply(edit.getNewValue())));
        supply.setPrefWidth(190);
        var place = column("Where", part -> part.spot().word(), 120);
        table.getColumns().setAll(List.of(name, material, supply, place));
        getChildren()
                .addAll(
                        letters,
                        table,
                        Nodes.label(
                                "Mark several with Shift or Ctrl: what is changed in one is changed in all of them.",
                                "note"));
    }

    private static TableColumn<Part, String> column(String word, Function<Part, String> of, double width) {
        var column = new TableColumn<Part, String>(word);
        column.setCellValueFactory(row -> new ReadOnlyObjectWrapper<>(of.apply(row.getValue())));
        column.setEditable(false);
        column.setPrefWidth(width);
        return column;
    }

    private static StringConverter<Supply> words() {
        return new StringConverter<>() {
            @Override
            public String toString(@Nullable Supply supply) {
                return supply == null ? "" : supply.word();
            }

            @Override
            public Supply fromString(String word) {
                throw new UnsupportedOperationException("A supply is chosen, not typed.");
            }
        };
    }

    /** Those that are marked; the picked one where none is. */
    List<Part> marked() {
        return List.copyOf(table.getSelectionModel().getSelectedItems());
    }

    void refresh() {
        filling = true;
        var wanted = letters.getText().strip().toLowerCase(Locale.ROOT);
        var shown = model.job().cabin().parts().stream()
                .filter(part -> part.name().toLowerCase(Locale.ROOT).contains(wanted))
                .toList();
        var marked = marked().stream().map(Part::id).toList();
        if (!shown.equals(table.getItems())) {
            table.getItems().setAll(shown);
            for (var part : shown)
                if (marked.contains(part.id())) table.getSelectionModel().select(part);
        }
        model.picked()
                .filter(part -> marked().isEmpty() && shown.contains(part))
                .ifPresent(part -> {
                    table.getSelectionModel().select(part);
                    table.scrollTo(part);
                });
        filling = false;
    }

    private void picked(@Nullable Part part) {
        if (!filling && part != null) model.pickedProperty().set(part.id());
    }

    /** In all that are marked, where the changed one is among them. */
    private void change(Part in, UnaryOperator<Part> how) {
        var parts = new ArrayList<>(marked());
        if (!parts.contains(in)) {
            parts.clear();
            parts.add(in);
        }
        var changed =
                parts.stream().map(how).filter(part -> !parts.contains(part)).toList();
        if (!changed.isEmpty()) model.make(new InCabin(new PartsListed(changed)));
    }
}
