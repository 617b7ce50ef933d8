package welumen.standins.demo;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import welumen.cabin.PartId;
import welumen.colour.Illuminant;
import welumen.colour.Lab;
import welumen.finish.Batch;
import welumen.finish.FinishChange.BatchSaid;
import welumen.finish.FinishChange.ColourRead;
import welumen.finish.FinishChange.PieceListed;
import welumen.finish.load.HardPiece;
import welumen.finish.reading.Reading;
import welumen.job.JobChange;
import welumen.job.JobChange.AtFinish;
import welumen.standins.reader.ReaderStandin;

/** What lies on the demo’s finish bench: the saloon’s colours as they were read, and the van’s small pieces. */
final class FinishBench {
    /** Two are at the plater’s, nobody sees the last. */
    private static final List<String> PIECES = List.of(
            "left vent",
            "left vent ring",
            "right vent",
            "right vent ring",
            "glove lid",
            "glove lid catch",
            "ashtray front",
            "column cowl, upper",
            "column cowl, lower",
            "fascia blank",
            "switch blanks",
            "heater knob plate",
            "left door pull",
            "left door pull cup",
            "right door pull",
            "right door pull cup",
            "left winder rose",
            "right winder rose",
            "left pillar cap",
            "right pillar cap",
            "mirror foot",
            "lamp ring",
            "gear lever collar",
            "handbrake collar",
            "left kick panel edge",
            "right kick panel edge",
            "seat hinge cover",
            "bulkhead bracket");

    private static final double AREA = 0.12;

    private FinishBench() {}

    /** A change of colour that came late: all of it dark, by Thursday at ten. */
    static List<JobChange> smallPieces(LocalDate today) {
        var monday = today.plusDays(6);
        var changes = new ArrayList<JobChange>();
        changes.add(new AtFinish(new BatchSaid(new Batch.How(
                3,
                1.5,
                Duration.ofHours(2),
                Duration.ZERO,
                Duration.ofHours(14),
                monday.plusDays(3).atTime(10, 0)))));
        for (var i = 0; i < PIECES.size(); i++) {
            var isPlated = PIECES.get(i).contains("collar");
            changes.add(new AtFinish(new PieceListed(new HardPiece(
                    "p" + (i + 1),
                    PIECES.get(i),
                    AREA,
                    isPlated ? monday.plusDays(2).atTime(12, 0) : monday.atTime(8, 0),
                    PIECES.get(i).startsWith("glove lid") ? 2 : 0,
                    "dark",
                    PIECES.get(i).contains("bracket"),
                    ""))));
        }
        return changes;
    }

    /** Evidence under the piping, the seats, of which one has faded, the sample and the hides that came. */
    static List<JobChange> sage(LocalDate on) {
        return List.of(
                read("c1", Reading.Of.EVIDENCE, "sage under the piping", List.of(), on),
                read("c2", Reading.Of.PART, "sage left front seat", part("left front seat"), on),
                read("c3", Reading.Of.PART, "sage right front seat", part("right front seat"), on),
                read("c4", Reading.Of.PART, "sage rear cushion, faded", part("rear cushion"), on),
                read("c7", Reading.Of.PART, "sage rear backrest", part("rear backrest"), on),
                read("c5", Reading.Of.SAMPLE, "sage sample card B", List.of(), on),
                read("c6", Reading.Of.LOT, "sage hide 1", List.of(), on));
    }

    private static List<PartId> part(String name) {
        return List.of(PartId.named(name));
    }

    private static JobChange read(String id, Reading.Of of, String what, List<PartId> part, LocalDate on) {
        var shown = new ReaderStandin().read(what);
        return new AtFinish(new ColourRead(new Reading(
                id,
                of,
                what,
                part,
                Lab.of(shown.reflectance(), Illuminant.D65),
                shown.reflectance().shares(),
                Reading.How.READER,
                Math.round(shown.gloss()),
                on)));
    }
}
