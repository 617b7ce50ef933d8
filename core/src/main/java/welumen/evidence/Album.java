package welumen.evidence;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import welumen.cabin.PartId;
import welumen.evidence.EvidenceChange.Concluded;
import welumen.evidence.EvidenceChange.EvidenceLogged;
import welumen.evidence.EvidenceChange.PhotoKept;
import welumen.evidence.EvidenceChange.PhotoMarked;
import welumen.journal.Growing;

/** The job's evidence and what it comes to, its photos of parts, and the marks on them. */
public record Album(
        List<Evidence> evidence,
        Map<PartId, Conclusion> conclusions,
        List<PartPhoto> photos,
        Map<String, List<PhotoMark>> marks) {
    public static final Album EMPTY = new Album(List.of(), Map.of(), List.of(), Map.of());

    /** How a part looked, and how it looks. */
    public record Pair(PartPhoto before, PartPhoto after) {}

    public Album {
        evidence = Growing.copyOf(evidence);
        conclusions = Map.copyOf(conclusions);
        photos = Growing.copyOf(photos);
        marks = Map.copyOf(marks);
    }

    public Album after(EvidenceChange change) {
        return switch (change) {
            case EvidenceLogged(var one) -> new Album(Growing.copyOf(evidence).with(one), conclusions, photos, marks);
            case Concluded(var conclusion) -> {
                var now = new TreeMap<>(conclusions);
                now.put(conclusion.part(), conclusion);
                yield new Album(evidence, now, photos, marks);
            }
            case PhotoKept(var photo) ->
                new Album(evidence, conclusions, Growing.copyOf(photos).with(photo), marks);
            case PhotoMarked(var photo, var drawn) -> {
                var now = new TreeMap<>(marks);
                now.put(photo, drawn);
                yield new Album(evidence, conclusions, photos, now);
            }
        };
    }

    public List<Evidence> about(PartId part) {
        return evidence.stream().filter(one -> one.speaksFor().contains(part)).toList();
    }

    /** Evidence on a part that does not agree: readings of one thing that are not the same. Empty where all agree. */
    public List<Evidence> contradicting(PartId part) {
        var read = about(part).stream().filter(one -> !one.reading().isBlank()).toList();
        var readings = read.stream()
                .map(one -> one.reading().strip().toLowerCase(Locale.ROOT))
                .distinct()
                .count();
        return readings > 1 ? read : List.of();
    }

    public List<PartPhoto> of(PartId part) {
        return photos.stream().filter(photo -> photo.part().equals(part)).toList();
    }

    public List<PhotoMark> marksOn(String photo) {
        return marks.getOrDefault(photo, List.of());
    }

    /** The first photo before the work and the last after it, where there are both. */
    public Optional<Pair> pair(PartId part) {
        var byTime = Comparator.comparing(PartPhoto::taken);
        var before =
                of(part).stream().filter(one -> one.moment() == Moment.BEFORE).min(byTime);
        var after =
                of(part).stream().filter(one -> one.moment() == Moment.AFTER).max(byTime);
        return before.flatMap(first -> after.map(last -> new Pair(first, last)));
    }

    public int nextEvidence() {
        return evidence.size() + 1;
    }
}
