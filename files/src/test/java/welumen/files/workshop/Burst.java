package welumen.files.workshop;

import java.nio.file.Path;
import java.time.Clock;
import java.util.UUID;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.job.JobChange;
import welumen.job.JobChange.InCabin;

/** A program that appends entries as fast as it can and says each one's number once it is acknowledged. */
final class Burst {
    static final UUID JOB = new UUID(7, 7);
    static final int ENTRIES = 200;

    private Burst() {}

    public static void main(String[] folder) {
        try (var workshop = WorkshopFolder.open(Path.of(folder[0]))) {
            var journal = workshop.job(JOB, Clock.systemUTC());
            System.out.println("ready");
            var from = journal.entries().size();
            for (var i = from + 1; i <= from + ENTRIES; i++) {
                journal.make(change(i), "Ada");
                System.out.println(i);
            }
        }
    }

    static JobChange change(int number) {
        return new InCabin(new PartsListed(java.util.List.of(new Part(
                new PartId("part-" + number),
                "part " + number,
                PartKind.BOARD,
                Side.MIDDLE,
                Spot.TUNNEL,
                "",
                Supply.NOT_KNOWN))));
    }
}
