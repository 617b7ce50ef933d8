package welumen.desktop.finish;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.desktop.look.FileChoice;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.MarkedPhoto;
import welumen.desktop.stage.Reads;
import welumen.evidence.PartPhoto;
import welumen.evidence.PhotoMark;
import welumen.finish.FinishChange.ColourRead;
import welumen.finish.reading.GreyCard;
import welumen.finish.reading.PhotoSpot;
import welumen.finish.reading.Reading;
import welumen.job.JobChange.AtFinish;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.shape.Point;

/** A colour from a photo: a press on the grey card in it, a press on the colour; it is read, and says how rough it is. */
public final class PhotoLeaf extends Leaf {
    /** What is looked at around a press, as a share of the photo’s width. */
    private static final double SPOT = 0.018;

    private final MarkedPhoto photo;
    private final ComboBox<Reading.Of> of = new ComboBox<>();
    private final TextField on = new TextField();
    private final TextField cardL = new TextField("50");
    private final VBox result = Nodes.column(8);
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final Button keep = Nodes.chief("Keep it", "As a rough reading, with the others", this::keep);
    private String hash = "";
    private Optional<PartId> looked = Optional.empty();
    private @Nullable BufferedImage image;
    private Optional<Point> card = Optional.empty();
    private Optional<Point> colour = Optional.empty();
    private Optional<GreyCard.Rough> rough = Optional.empty();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public PhotoLeaf(JobModel model) {
        super(model, Reads.ALL, Reads.PICKED);
        answer.setId("photo-answer");
        wrong.setId("photo-wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        photo = new MarkedPhoto(model.photos()).marked((_, to) -> press(to));
        photo.setId("grey-card-photo");
        of.setId("photo-of");
        WordCell.in(of, one -> Words.capital(one.word()));
        of.getItems().setAll(Reading.Of.values());
        of.setValue(Reading.Of.PART);
        on.setId("photo-on");
        on.setPromptText("under the piping");
        on.setPrefColumnCount(14);
        cardL.setId("card-l");
        cardL.setPrefColumnCount(3);
        cardL.setOnAction(_ -> read());
        keep.setId("keep-photo-reading");
        result.setId("photo-read");
        var take = Nodes.button("Photo with the card", "Of the picked part, the grey card beside it", this::take);
        take.setId("take-grey-card");
        var file = Nodes.button("From a file", "A photo in which the card lies beside the colour", this::file);
        file.setId("grey-card-file");
        var again = Nodes.button("Press anew", "First the card, then the colour", this::anew);
        again.setId("press-anew");
        var form = Nodes.form(
                12,
                Nodes.level(take),
                Nodes.level(file),
                Nodes.field("Of", of),
                Nodes.field("On", on),
                Nodes.field("Card’s L*", cardL),
                Nodes.level(again));
        var both = Nodes.beside(Nodes.column(0, photo), result, 320);
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().addAll(form, wrong, both);
    }

    @Override
    protected void refresh() {
        var now = model.picked().map(Part::id);
        if (looked.isPresent() && !now.equals(looked)) { // what is open shows another part
            hash = "";
            image = null;
            anew();
        }
        looked = now;
        var newest = model.picked()
                .map(Part::id)
                .flatMap(part -> model.job().album().of(part).stream().reduce((_, later) -> later))
                .map(PartPhoto::photo);
        if (hash.isEmpty()) newest.ifPresent(this::open);
        show();
    }

    private void take() {
        var subject = model.picked().map(Part::name).orElse("colour");
        model.photos().take(subject + " beside a grey card").ifPresent(this::open);
    }

    private void file() {
        FileChoice.photo(getScene().getWindow(), "A photo with a grey card")
                .ifPresent(chosen -> model.photos().keep(List.of(chosen), kept -> kept.forEach(this::open)));
    }

    private void open(String newHash) {
        hash = newHash;
        image = null;
        anew();
        model.photos().upright(newHash, arrived -> {
            if (newHash.equals(hash)) image = arrived;
            show();
        });
    }

    private void anew() {
        card = Optional.empty();
        colour = Optional.empty();
        rough = Optional.empty();
        wrong.setText("");
        show();
    }

    /** First the card, then the colour; a third press is another spot of the colour. */
    private void press(Point at) {
        if (image == null) return;
        if (card.isEmpty()) card = Optional.of(at);
        else colour = Optional.of(at);
        read();
    }

    private void read() {
        rough = Optional.empty();
        wrong.setText("");
        if (card.isPresent() && colour.isPresent() && image != null) {
            try {
                switch (new GreyCard(Typed.number(cardL)).read(spot(image, card.get()), spot(image, colour.get()))) {
                    case Understood<GreyCard.Rough>(var read) -> rough = Optional.of(read);
                    case Refused<GreyCard.Rough>(var why) -> wrong.setText(why);
                }
            } catch (IllegalArgumentException refused) {
                wrong.setText(String.valueOf(refused.getMessage()));
            }
        }
        show();
    }

    private static PhotoSpot spot(BufferedImage image, Point at) {
        var half = Math.max(2, (int) Math.round(SPOT * image.getWidth()));
        var x = Math.clamp(Math.round(at.x() * image.getWidth()), half, Math.max(half, image.getWidth() - half));
        var y = Math.clamp(Math.round(at.y() * image.getHeight()), half, Math.max(half, image.getHeight() - half));
        var wide = Math.min(2 * half, image.getWidth() - (x - half));
        var high = Math.min(2 * half, image.getHeight() - (y - half));
        return PhotoSpot.of(image.getRGB(x - half, y - half, wide, high, null, 0, wide));
    }

    private void show() {
        var marks = new ArrayList<PhotoMark>();
        card.ifPresent(at -> marks.add(new PhotoMark.Ring(at, SPOT)));
        card.ifPresent(at -> marks.add(new PhotoMark.Written(new Point(at.x(), at.y() + 0.06), "grey card")));
        colour.ifPresent(at -> marks.add(new PhotoMark.Ring(at, SPOT)));
        colour.ifPresent(at -> marks.add(new PhotoMark.Written(new Point(at.x(), at.y() + 0.06), "colour")));
        photo.show(hash, marks);
        keep.setDisable(rough.isEmpty());
        result.getChildren().clear();
        rough.ifPresent(this::shown);
        answer.setText(rough.map(read -> String.format(
                        Locale.UK, "About %s; it may be %.1f off.", ReadingCard.numbers(read.lab()), read.off()))
                .orElse(
                        hash.isEmpty()
                                ? "Take a photo with a grey card beside the colour, or open one."
                                : card.isEmpty() ? "Press on the grey card." : "Now press on the colour."));
        result.getChildren().add(keep);
    }

    private void shown(GreyCard.Rough read) {
        result.getChildren()
                .addAll(
                        ReadingCard.patch(read.lab()),
                        Nodes.whole(ReadingCard.numbers(read.lab()), Styles.MEASURE),
                        Nodes.label(
                                String.format(
                                        Locale.UK,
                                        "Two of three such readings lie within %.1f. What lies nearer than that cannot be told apart"
                                                + " by it: order by a reader or a card held to it.",
                                        read.off()),
                                Styles.SECOND));
        read.against().forEach(why -> result.getChildren().add(Nodes.label(why, Styles.DANGER)));
    }

    private void keep() {
        var what = on.getText().isBlank()
                ? model.picked().map(Part::name).orElse("")
                : on.getText().strip();
        if (rough.isEmpty() || what.isEmpty()) {
            wrong.setText("Say on what it was read, or pick the part.");
            return;
        }
        var reading = new Reading(
                model.job().finish().readings().nextId(),
                of.getValue(),
                what,
                of.getValue() == Reading.Of.PART
                        ? model.picked().map(Part::id).stream().toList()
                        : List.of(),
                rough.get().lab(),
                List.of(),
                Reading.How.PHOTO,
                rough.get().off(),
                Reading.NO_GLOSS,
                model.today());
        if (model.make(new AtFinish(new ColourRead(reading)))) anew();
    }

    @Override
    protected Node first() {
        return photo;
    }
}
