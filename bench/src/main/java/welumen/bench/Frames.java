package welumen.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Queue;
import java.util.UUID;
import java.util.stream.Stream;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.Placement;
import welumen.desktop.WelumenWindow;
import welumen.desktop.model.JobModel;
import welumen.files.workshop.WorkshopFolder;
import welumen.job.JobChange;
import welumen.job.JobChange.AtCut;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.Together;
import welumen.job.WorkStage;
import welumen.journal.Note;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.piece.EdgeFinish;
import welumen.standins.demo.DemoDay;
import welumen.standins.demo.DemoWorkshop;
import welumen.yard.YardChange.JobOpened;

/**
 * How long each frame is while one works: stages and leaves turned, parts picked, a piece moved by arrow key, an edge edited,
 * and, of twenty cars of 2,000 entries beside the demo's, another car turned to. A frame is from one beat of the window to the
 * next, so that what was worked out beside and arrives later counts too: {@code scripts/bench frames [cars]}.
 */
final class Frames {
    private static final int CARS = 20;
    private static final int ENTRIES = 2000;
    private static final int ROUNDS = 3;
    private static final int PICKS = 8;
    private static final int MOVES = 12;
    private static final int EDITS = 8;
    private static final int TURNED_CARS = 6;
    private static final double LONG_MS = 100;

    private Frames() {}

    /** @param name what one does, as “a leaf turned” */
    private record Deed(String name, String where, Runnable act) {}

    public static void main(String[] args) throws IOException {
        var folder = Files.createTempDirectory("welumen-bench").resolve("frames");
        DemoWorkshop.fillIfNew(folder, DemoDay.USUAL);
        var many = args.length > 0 && args[0].equals("cars");
        if (many) addCars(folder);
        Smoothness.inWindow(folder, window -> watch(window, many));
    }

    /** Cars of many entries that have the demo's pieces and plan besides. */
    private static void addCars(Path folder) {
        var clock = Clock.systemDefaultZone();
        try (var workshop = WorkshopFolder.open(folder)) {
            var yard = workshop.yard(clock);
            var drawn = workshop.job(DemoWorkshop.SELKIE, clock).standing().stream()
                    .flatMap(entry ->
                            entry.note() instanceof Note.Made<JobChange>(var change) ? pieces(change) : Stream.empty())
                    .toList();
            for (var i = 0; i < CARS; i++) {
                var car = new UUID(7, i);
                yard.make(new JobOpened(car, "Car " + (i + 1), ""), "bench");
                var journal = workshop.job(car, clock);
                LargeJob.fill(workshop, journal, ENTRIES, 0);
                for (var change : drawn) journal.make(change, "bench");
            }
        }
    }

    private static Stream<JobChange> pieces(JobChange change) {
        return switch (change) {
            case Together(var changes) -> changes.stream().flatMap(Frames::pieces);
            case AtPattern _, AtCut _ -> Stream.of(change);
            default -> Stream.empty();
        };
    }

    private static double[] watch(WelumenWindow window, boolean many) {
        var model = window.model();
        var deeds = new ArrayDeque<Deed>();
        for (var round = 0; round < ROUNDS; round++) {
            turnLeaves(window, deeds);
            pickParts(model, deeds);
            movePieces(window, deeds);
            editEdges(model, deeds);
            if (many) turnCars(model, round, deeds);
        }
        var watch = new Watch(deeds);
        watch.start();
        Platform.enterNestedEventLoop(watch);
        watch.print();
        return new double[1];
    }

    /** A stage has as many leaves as suit what is open when it is turned to. */
    private static void turnLeaves(WelumenWindow window, Deque<Deed> deeds) {
        for (var stage : WorkStage.values())
            deeds.add(new Deed("a stage turned to", stage.name(), () -> {
                window.model().stageProperty().set(stage);
                for (var i = 1; i < window.leafCount(); i++)
                    deeds.addFirst(new Deed("a leaf turned", stage.name(), window::turnLeaf));
            }));
    }

    private static void pickParts(JobModel model, Deque<Deed> deeds) {
        for (var stage : List.of(WorkStage.STRIP, WorkStage.SURVEY, WorkStage.PATTERN, WorkStage.REFIT)) {
            deeds.add(new Deed(
                    "a stage turned to",
                    stage.name(),
                    () -> model.stageProperty().set(stage)));
            for (var i = 0; i < PICKS; i++) {
                var number = i * 5;
                deeds.add(new Deed("a part picked", stage.name(), () -> {
                    var parts = model.job().cabin().parts();
                    model.pickedProperty().set(parts.get(number % parts.size()).id());
                }));
            }
        }
    }

    private static void movePieces(WelumenWindow window, Deque<Deed> deeds) {
        var model = window.model();
        deeds.add(new Deed("a stage turned to", "CUT", () -> {
            model.turnedLeaf(WorkStage.CUT, "Plan");
            model.stageProperty().set(WorkStage.INTAKE);
            model.stageProperty().set(WorkStage.CUT);
        }));
        for (var i = 0; i < MOVES; i++) {
            var code = i % 2 == 0 ? KeyCode.LEFT : KeyCode.RIGHT;
            deeds.add(new Deed("a piece moved by arrow key", "CUT", () -> {
                var table = window.scene().lookup("#hide-table");
                if (!(model.job().table() instanceof Laid(var problem, var plan))) return;
                if (table.lookup(".laid-piece:picked") == null)
                    pickFirst(window, plan.placements().getFirst());
                table.fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, false, false));
            }));
        }
    }

    private static void pickFirst(WelumenWindow window, Placement placement) {
        var path = window.scene().lookup("#laid-%s-%d".formatted(placement.piece(), placement.copy()));
        path.fireEvent(new MouseEvent(
                MouseEvent.MOUSE_PRESSED,
                0,
                0,
                0,
                0,
                MouseButton.PRIMARY,
                1,
                false,
                false,
                false,
                false,
                true,
                false,
                false,
                false,
                true,
                false,
                null));
    }

    private static void editEdges(JobModel model, Deque<Deed> deeds) {
        deeds.add(new Deed(
                "a stage turned to", "PATTERN", () -> model.stageProperty().set(WorkStage.PATTERN)));
        for (var i = 0; i < EDITS; i++) {
            var allowance = 8 + i;
            deeds.add(new Deed("an edge edited", "PATTERN", () -> {
                var piece = model.job().patterns().pieces().getFirst();
                model.make(new AtPattern(new PieceDrawn(piece.withEdge(0, EdgeFinish.SEWN, allowance))));
            }));
        }
    }

    private static void turnCars(JobModel model, int round, Deque<Deed> deeds) {
        var cars = model.yard().state().garage().all();
        for (var i = 0; i < TURNED_CARS; i++) {
            var car = cars.get((3 + round * TURNED_CARS + i) % cars.size());
            deeds.add(new Deed("another car turned to", "", () -> model.open(car)));
        }
        deeds.add(new Deed("another car turned to", "", () -> model.open(cars.getFirst())));
    }

    /** Does one thing, waits until the window has been quiet for a while, and keeps the longest frame between. */
    private static final class Watch extends AnimationTimer {
        private static final int QUIET = 12;
        private static final double BEAT_MS = 34;

        private final Queue<Deed> left;
        private final Map<String, List<Double>> frames = new LinkedHashMap<>();
        private final List<String> longest = new ArrayList<>();
        private Deed now = new Deed("", "", () -> {});
        private double worst;
        private int quiet;
        private long last = System.nanoTime();

        Watch(Queue<Deed> left) {
            this.left = left;
        }

        @Override
        public void handle(long beat) {
            var frame = (System.nanoTime() - last) / 1e6;
            last = System.nanoTime();
            worst = Math.max(worst, frame);
            quiet = frame > BEAT_MS ? 0 : quiet + 1;
            if (quiet < QUIET) return;
            keep();
            if (left.isEmpty()) {
                stop();
                Platform.exitNestedEventLoop(this, "");
                return;
            }
            now = left.remove();
            worst = 0;
            quiet = 0;
            last = System.nanoTime();
            now.act().run();
        }

        private void keep() {
            if (now.name().isEmpty()) return;
            frames.computeIfAbsent(now.name(), _ -> new ArrayList<>()).add(worst);
            if (worst > LONG_MS)
                longest.add(String.format(Locale.ROOT, "%6.0f ms  %s, %s", worst, now.name(), now.where()));
        }

        void print() {
            System.out.println("the longest frame after each, ms: how often, median, max, how many over 100");
            frames.forEach((name, all) -> {
                var sorted = all.stream().sorted().toList();
                System.out.println(String.format(
                        Locale.ROOT,
                        "%-28s %4d %7.0f %7.0f %5d",
                        name,
                        sorted.size(),
                        sorted.get(sorted.size() / 2),
                        sorted.getLast(),
                        sorted.stream().filter(one -> one > LONG_MS).count()));
            });
            longest.stream().sorted(Comparator.reverseOrder()).limit(25).forEach(System.out::println);
        }
    }
}
