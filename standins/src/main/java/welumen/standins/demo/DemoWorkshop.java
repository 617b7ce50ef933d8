package welumen.standins.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.UUID;
import welumen.files.workshop.WorkshopFolder;
import welumen.journal.StoreException;
import welumen.measure.Length;
import welumen.measure.Lengths;

/** Thimble Yard: writes the demo workshop into a folder, with its first job whole, its second surveyed and its third being planned. */
public final class DemoWorkshop {
    public static final UUID SELKIE = new UUID(0x1963, 1);
    public static final UUID DUNNOCK = new UUID(0x1971, 2);
    public static final UUID DRUMLIN = new UUID(0x1956, 3);
    public static final String PERSON = "Orla";

    private DemoWorkshop() {}

    /** Fills the folder, unless a workshop was begun there; a fill that is cut off leaves nothing behind. */
    public static void fillIfNew(Path folder, LocalDate day) {
        if (WorkshopFolder.isOne(folder)) return;
        try {
            var half = folder.resolveSibling(folder.getFileName() + ".half");
            delete(half);
            Files.createDirectories(half);
            fill(half, day);
            if (Files.isDirectory(folder)) {
                try (var files = Files.list(half)) {
                    for (var file : files.sorted(Comparator.comparing(DemoWorkshop::isJournal))
                            .toList())
                        Files.move(file, folder.resolve(file.getFileName()), StandardCopyOption.REPLACE_EXISTING);
                }
                Files.delete(half);
            } else Files.move(half, folder, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException fault) {
            throw new StoreException(
                    "The demo could not be written to [%s]: %s. Choose another folder."
                            .formatted(folder, fault.getMessage()),
                    fault);
        }
    }

    private static boolean isJournal(Path file) {
        return file.endsWith("workshop.sqlite");
    }

    private static void fill(Path folder, LocalDate day) {
        Lengths.in(Length.Style.METRIC); // the demo is typed as its own yard counts
        var clock = new SetClock(at(day.minusDays(20), 8, 0));
        try (var workshop = WorkshopFolder.open(folder)) {
            var journal = workshop.yard(clock);
            for (var change : ThimbleYard.changes(day)) journal.make(change, PERSON);
            new DrumlinJob(workshop, clock, day).write();
            new DunnockJob(workshop, clock, day).write();
            new SelkieJob(workshop, journal, clock, day).write();
        }
    }

    static Instant at(LocalDate day, int hour, int minute) {
        return day.atTime(hour, minute).atZone(DemoDay.ZONE).toInstant();
    }

    private static void delete(Path folder) throws IOException {
        if (!Files.exists(folder)) return;
        try (var files = Files.walk(folder)) {
            for (var file : files.sorted(Comparator.reverseOrder()).toList()) Files.delete(file);
        }
    }
}
