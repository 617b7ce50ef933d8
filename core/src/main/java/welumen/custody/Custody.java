package welumen.custody;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import welumen.cabin.PartId;
import welumen.custody.CustodyChange.CameBack;
import welumen.custody.CustodyChange.FateSaid;
import welumen.custody.CustodyChange.PartLeftOff;
import welumen.custody.CustodyChange.SentAway;

/** Where the parts are that are not at hand, what is to become of them, and which are left off on purpose. */
public record Custody(Map<PartId, Away> away, Map<PartId, FateSaid> fates, Map<PartId, LeftOff> leftOff) {
    public static final Custody EMPTY = new Custody(Map.of(), Map.of(), Map.of());

    public Custody {
        away = Map.copyOf(away);
        fates = Map.copyOf(fates);
        leftOff = Map.copyOf(leftOff);
    }

    /** @throws IllegalArgumentException if something is to be thrown away and nobody is named who agreed */
    public Custody after(CustodyChange change) {
        return switch (change) {
            case SentAway(var sent) -> new Custody(with(away, sent.part(), sent), fates, leftOff);
            case CameBack(var part) -> {
                var fewer = new TreeMap<>(away);
                fewer.remove(part);
                yield new Custody(fewer, fates, leftOff);
            }
            case FateSaid said -> {
                if (said.fate() == Fate.THROW_AWAY && said.agreed().isBlank())
                    throw new IllegalArgumentException(
                            "Nothing is thrown away before the customer agrees: say how they did, as “throw away, agreed by letter”.");
                yield new Custody(away, with(fates, said.part(), said), leftOff);
            }
            case PartLeftOff(var left) -> new Custody(away, fates, with(leftOff, left.part(), left));
        };
    }

    /** A part that is back in is left off no more. */
    public Custody backIn(PartId part) {
        if (!leftOff.containsKey(part)) return this;
        var fewer = new TreeMap<>(leftOff);
        fewer.remove(part);
        return new Custody(away, fates, fewer);
    }

    /** Whether it is kept, handed back or thrown away instead of going back in. */
    public boolean isNotToComeBack(PartId part) {
        var said = fates.get(part);
        return said != null && said.fate() != Fate.REFIT;
    }

    public Optional<Away> findAway(PartId part) {
        return Optional.ofNullable(away.get(part));
    }

    /** Those that should be back by a day and are not, the longest overdue first. */
    public List<Away> overdue(LocalDate day) {
        return away.values().stream()
                .filter(one -> one.due().isBefore(day))
                .sorted(Comparator.comparing(Away::due).thenComparing(Away::part))
                .toList();
    }

    /** What is left off on purpose and would be shut in by a part, given what is back in the car. */
    public List<LeftOff> shutInBy(PartId part, Collection<PartId> fitted) {
        return leftOff.values().stream()
                .filter(left -> left.before().equals(part) && !fitted.contains(left.part()))
                .sorted(Comparator.comparing(LeftOff::part))
                .toList();
    }

    private static <T> Map<PartId, T> with(Map<PartId, T> map, PartId part, T more) {
        var longer = new TreeMap<>(map);
        longer.put(part, more);
        return longer;
    }
}
