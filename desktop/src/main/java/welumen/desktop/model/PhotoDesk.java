package welumen.desktop.model;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import welumen.cabin.Part;
import welumen.desktop.model.Background.Takes;
import welumen.evidence.Camera;
import welumen.files.outside.Outside;
import welumen.files.photo.PhotoFile;
import welumen.files.workshop.WorkshopFolder;
import welumen.job.LogSearch;
import welumen.journal.StoreException;
import welumen.measure.Because;

/** Photos on their way into the workshop and onto the screen. Reading large ones takes a while, so it is done beside. */
public final class PhotoDesk {
    private static final int LARGE = 1600;
    private static final String READING = "reading photos";

    private final JobModel model;
    private final WorkshopFolder folder;
    private final Camera camera;

    PhotoDesk(JobModel model, WorkshopFolder folder, Camera camera) {
        this.model = model;
        this.folder = folder;
        this.camera = camera;
    }

    /** Takes a photo of a part and keeps it; the hash, or empty if it could not be kept. */
    public Optional<String> take(Part part) {
        return take(part.name());
    }

    /** The same of anything, in words. */
    public Optional<String> take(String subject) {
        try {
            return Optional.of(folder.photos().keep(camera.shoot(subject), subject + ".png"));
        } catch (StoreException fault) {
            model.say(Because.of(fault));
            return Optional.empty();
        }
    }

    /** Keeps photos that somebody chose; those that cannot be read are named as trouble. */
    public void keep(List<Path> files, Consumer<List<String>> then) {
        beside(
                kept -> {
                    for (var file : files) keep(() -> Outside.bytes(file, PhotoFile.LARGEST), file, kept);
                },
                then);
    }

    /** Keeps the phone photos that were dropped into the workshop's folder since the last step was logged, in their order. */
    public void pickUpFromPhone(Consumer<List<String>> then) {
        var since = LogSearch.lastStep(model.log());
        beside(
                kept -> {
                    var drop = folder.phonePhotos();
                    for (var photo : drop.since(since, model.zone()))
                        if (keep(() -> drop.content(photo), photo.file(), kept)) drop.putAside(photo);
                },
                then);
    }

    public Path file(String hash) {
        return folder.photos().file(hash);
    }

    /** Where the window finds a photo small and upright; where that is lost it is made anew, and the whole one shown so long. */
    public String thumbnail(String hash) {
        var small = folder.photos().thumbnail(hash);
        if (Files.exists(small)) return small.toUri().toString();
        beside(_ -> folder.photos().madeThumbnail(hash), _ -> {});
        return file(hash).toUri().toString();
    }

    /** A photo upright and large, read beside; nothing is told of one that is gone or damaged but its trouble. */
    public void upright(String hash, Consumer<BufferedImage> then) {
        model.background()
                .ask(
                        READING,
                        Takes.A_MOMENT,
                        _ -> new PhotoFile(Files.readAllBytes(file(hash)), hash).read(LARGE),
                        then,
                        fault -> model.say(
                                fault instanceof IOException
                                        ? "The photo [%s] is gone: %s.".formatted(hash, fault.getMessage())
                                        : Because.of(fault)));
    }

    private interface Reading {
        byte[] content() throws IOException;
    }

    private boolean keep(Reading photo, Path file, List<String> kept) {
        try {
            kept.add(folder.photos().keep(photo.content(), String.valueOf(file.getFileName())));
            return true;
        } catch (IOException fault) {
            trouble("[%s] cannot be read: %s.".formatted(file, fault.getMessage()));
        } catch (StoreException fault) {
            trouble(Because.of(fault));
        }
        return false;
    }

    private void beside(Consumer<List<String>> work, Consumer<List<String>> then) {
        var kept = new ArrayList<String>(); // of the work alone, until it is done
        model.background()
                .ask(
                        READING,
                        Takes.A_MOMENT,
                        _ -> {
                            work.accept(kept);
                            return kept;
                        },
                        then,
                        fault -> {
                            model.say(Because.of(fault));
                            then.accept(kept);
                        });
    }

    private void trouble(String sentence) {
        Platform.runLater(() -> model.say(sentence));
    }
}
