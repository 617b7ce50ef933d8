package welumen.files.workshop;

import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import welumen.journal.Damage;
import welumen.yard.Yard;

/** Says what of a journal is not whole, from when on, and which backup has it. */
final class Soundness {
    private final Path folder;
    private final Backups backups;
    private final Function<UUID, String> nameOf;
    private final ZoneId zone;

    Soundness(Path folder, Backups backups, Function<UUID, String> nameOf, ZoneId zone) {
        this.folder = folder;
        this.backups = backups;
        this.nameOf = nameOf;
        this.zone = zone;
    }

    /** @param missing how many of the newest entries somebody had seen, and are not there */
    List<String> said(long missing) {
        var found = Examined.of(folder.resolve("workshop.sqlite"));
        var said = new ArrayList<String>();
        if (!found.unreadable().isEmpty())
            said.add("The journal is not whole: %s.%s".formatted(found.unreadable(), newest()));
        found.damages()
                .forEach((log, damage) -> said.add(said(
                        log, damage, Optional.ofNullable(found.logs().get(log)).flatMap(Examined.End::at))));
        if (missing > 0)
            said.add(
                    "%d of the newest entries are missing from the journal, which ends on %s: it was cut short, or an older one was put in its place.%s"
                            .formatted(
                                    missing,
                                    found.logs().values().stream()
                                            .flatMap(end -> end.at().stream())
                                            .max(Instant::compareTo)
                                            .map(this::day)
                                            .orElse("a day that nobody can read"),
                                    newest()));
        return said;
    }

    String said(UUID log, Damage damage, Optional<Instant> lastWhole) {
        return "Of %s, entry %d and what was written after it cannot be used: %s. %s%s"
                .formatted(
                        log.equals(Yard.STREAM) ? "the yard’s log" : "the " + nameOf.apply(log),
                        damage.sequence(),
                        damage.why(),
                        lastWhole
                                .map(at -> "It stands as on %s, to be read only.".formatted(day(at)))
                                .orElse("Nothing of it can be shown."),
                        backups.having(log, damage.sequence())
                                .map(day -> " The backup of %s has that entry whole: welumen restore \"%s\" --day %s."
                                        .formatted(day, folder, day))
                                .orElse(" No backup has it."));
    }

    private String newest() {
        return backups.days().stream()
                .filter(day -> backups.fault(day).isEmpty())
                .findFirst()
                .map(day -> " The newest whole backup is of %s: welumen restore \"%s\" --day %s."
                        .formatted(day, folder, day))
                .orElse(" There is no whole backup.");
    }

    private String day(Instant at) {
        return at.atZone(zone).toLocalDate().toString();
    }
}
