package welumen.cli;

import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.stage.Stage;
import welumen.desktop.Painted;
import welumen.desktop.Shots;
import welumen.desktop.WelumenWindow;
import welumen.desktop.door.Door;
import welumen.desktop.look.Look;
import welumen.desktop.model.Devices;
import welumen.desktop.model.OpenedWorkshop;
import welumen.files.workshop.LastWorkshop;
import welumen.files.workshop.WorkshopFolder;
import welumen.journal.StoreException;
import welumen.measure.Because;
import welumen.standins.camera.CameraStandin;
import welumen.standins.camera.FloorCameraStandin;
import welumen.standins.camera.LabelPhoto;
import welumen.standins.demo.DemoDay;
import welumen.standins.demo.DemoWorkshop;
import welumen.standins.printer.PrinterStandin;
import welumen.standins.reader.ReaderStandin;
import welumen.yard.CarFile;
import welumen.yard.Garage;

/** Opens a workshop beside the starting toolkit, shows it, and ends when the window is closed. */
final class Windows {
    /**
     * Which workshop, by which clock, and who works in it.
     *
     * @param author who works there; empty for whoever said so last
     * @param once whether to end as soon as the first stage's answer is painted, saying so
     * @param isOwn whether it is remembered as the last one
     */
    record Opening(
            Path folder, Function<WorkshopFolder, Clock> clock, Optional<String> author, boolean once, boolean isOwn) {
        static Opening own(Path folder, Clock clock, Optional<String> author) {
            return new Opening(folder, _ -> clock, author, false, true);
        }

        /** Its clock goes on from when somebody last worked in it. */
        static Opening demo(Path folder, LocalDate today, boolean once) {
            return new Opening(
                    folder,
                    demo -> demo.lastWritten()
                            .map(last -> DemoDay.clock(today, last))
                            .orElseGet(() -> DemoDay.clock(today)),
                    Optional.of(DemoWorkshop.PERSON),
                    once,
                    false);
        }

        String person(OpenedWorkshop workshop) {
            return author.or(workshop::person).orElseGet(() -> System.getProperty("user.name"));
        }
    }

    private static boolean woken;
    private static final CompletableFuture<Void> TOOLKIT = new CompletableFuture<>();

    private Windows() {}

    /** Starts the toolkit, if it is not starting yet; the sooner the better, on whatever thread. */
    static synchronized void wakeToolkit() {
        if (woken) return;
        woken = true;
        try {
            Platform.startup(Windows::prepare);
        } catch (RuntimeException | UnsatisfiedLinkError noScreen) {
            TOOLKIT.completeExceptionally(
                    new StoreException("No window can be opened here: %s.".formatted(noScreen.getMessage()), noScreen));
        }
    }

    /** Whatever happens here, whoever waits for the toolkit hears of it. */
    private static void prepare() {
        try {
            Look.prepare();
            TOOLKIT.complete(null);
        } catch (RuntimeException fault) {
            TOOLKIT.completeExceptionally(fault);
        }
    }

    /** Shows the window until it is closed. */
    static int show(Opening opening) {
        return with(opening, workshop -> {
            var closed = new CompletableFuture<Void>();
            Platform.runLater(() -> {
                try {
                    showOn(new Stage(), workshop, opening, closed);
                } catch (RuntimeException fault) {
                    closed.completeExceptionally(fault);
                }
            });
            join(closed);
        });
    }

    /**
     * Shows the door until a workshop is begun or the demo chosen, then that, until the window is closed.
     *
     * @param folder where one is to be begun; empty where nobody has said
     */
    static int atTheDoor(Optional<Path> folder) {
        wakeToolkit();
        join(TOOLKIT);
        try {
            var closed = new CompletableFuture<Void>();
            var places = new Door.Places(UserData.workshops(), UserData.demo(), folder);
            Platform.runLater(() -> {
                var stage = new Stage();
                stage.setOnHidden(_ -> closed.complete(null));
                new Door(stage, places, Clock.systemDefaultZone(), (on, chosen) -> enter(on, chosen, closed)).show();
            });
            join(closed);
            return 0;
        } finally {
            Platform.exit();
        }
    }

    /** Opens what was chosen at the door, and shows it where the door stood. */
    private static void enter(Stage stage, Door.Chosen chosen, CompletableFuture<Void> closed) {
        var opening = chosen.isDemo()
                ? Opening.demo(chosen.folder(), DemoDay.USUAL, false)
                : Opening.own(chosen.folder(), Clock.systemDefaultZone(), chosen.person());
        var workshop = OpenedWorkshop.open(opening.folder(), opening.clock());
        closed.whenComplete((_, _) -> workshop.folder().close());
        Platform.runLater(() -> showOn(stage, workshop, opening, closed));
    }

    /** Writes every main view as a picture. */
    static int shoot(Opening opening, Shots.Options options) {
        return with(opening, workshop -> {
            var done = new CompletableFuture<Void>();
            Platform.runLater(() -> {
                try {
                    Shots.write(
                            new WelumenWindow(workshop, opening.person(workshop), standIns(workshop), options.size()),
                            options);
                    done.complete(null);
                } catch (RuntimeException fault) {
                    done.completeExceptionally(fault);
                }
            });
            join(done);
        });
    }

    /** The store is opened and read while the toolkit starts. */
    private static int with(Opening opening, Consumer<OpenedWorkshop> use) {
        var store = CompletableFuture.supplyAsync(() -> OpenedWorkshop.open(opening.folder(), opening.clock()));
        wakeToolkit();
        try (var _ = opened(store).folder()) {
            join(TOOLKIT);
            use.accept(store.join());
            return 0;
        } finally {
            if (TOOLKIT.isDone() && !TOOLKIT.isCompletedExceptionally()) Platform.exit(); // else it would wait for ever
        }
    }

    private static void showOn(Stage stage, OpenedWorkshop workshop, Opening opening, CompletableFuture<Void> closed) {
        if (opening.isOwn()) new LastWorkshop(UserData.folder()).keep(opening.folder());
        var window = new WelumenWindow(workshop, opening.person(workshop), standIns(workshop));
        if (opening.once()) window.showOn(stage, sayAndClose(stage));
        else {
            window.showOn(stage);
            var cars = workshop.yard().state().garage();
            Thread.ofVirtual().start(() -> lookAfter(workshop, cars, window));
        }
        stage.showingProperty().subscribe(showing -> {
            if (!showing) closed.complete(null);
        });
    }

    private static Devices standIns(OpenedWorkshop workshop) {
        return new Devices(
                new CameraStandin(),
                new PrinterStandin(workshop.folder()::keepPaper),
                LabelPhoto::ofNewest,
                new FloorCameraStandin(),
                new SystemOpener(),
                Optional.of(new ReaderStandin()));
    }

    /** What is not whole is said, and no copy of it takes the place of an older, whole one. */
    private static void lookAfter(OpenedWorkshop workshop, Garage cars, WelumenWindow window) {
        var clock = workshop.clock();
        try {
            var faults = workshop.folder()
                    .examine(log -> cars.findOne(log).map(CarFile::title).orElse("log " + log), clock.getZone());
            if (faults.isEmpty())
                workshop.folder().backUp(clock.instant().atZone(clock.getZone()).toLocalDate());
            else Platform.runLater(() -> window.model().say(String.join(" ", faults)));
        } catch (StoreException fault) {
            Platform.runLater(() -> window.model().say(Because.of(fault)));
        }
    }

    private static OpenedWorkshop opened(CompletableFuture<OpenedWorkshop> store) {
        try {
            return store.join();
        } catch (CompletionException fault) {
            if (fault.getCause() instanceof StoreException reason) throw reason;
            throw fault;
        }
    }

    /** For measuring the start, and for learning what it needs. */
    private static Painted sayAndClose(Stage stage) {
        return new Painted() {
            @Override
            public void answer() {
                say("answer painted");
            }

            @Override
            public void whole() {
                say("whole window painted");
                stage.close();
            }
        };
    }

    private static void say(String word) {
        System.out.println(word);
        System.out.flush();
    }

    private static void join(CompletableFuture<Void> done) {
        try {
            done.join();
        } catch (CompletionException fault) {
            if (fault.getCause() instanceof RuntimeException reason) throw reason;
            throw fault;
        }
    }
}
