package welumen.finish.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import welumen.cabin.PartId;
import welumen.colour.Ciede2000;
import welumen.colour.Illuminant;
import welumen.colour.Lab;

/**
 * All readings of a car, in their order, and what they say beside each other.
 *
 * @param given how many there ever were: what is struck out gives its id to no other
 */
public record Readings(List<Reading> all, int given) {
    public static final Readings NONE = new Readings(List.of(), 0);

    /** Beyond which two are told apart side by side. */
    public static final double SEEN = 2;

    /** Gloss units by which neighbours may differ. */
    private static final double SHEEN_APART = 15;

    public Readings {
        all = List.copyOf(all);
    }

    public Readings with(Reading reading) {
        var others =
                all.stream().filter(other -> !other.id().equals(reading.id())).toList();
        return new Readings(
                Stream.concat(others.stream(), Stream.of(reading)).toList(),
                others.size() == all.size() ? given + 1 : given);
    }

    public Readings without(String id) {
        return new Readings(
                all.stream().filter(reading -> !reading.id().equals(id)).toList(), given);
    }

    public Optional<Reading> find(String id) {
        return all.stream().filter(reading -> reading.id().equals(id)).findFirst();
    }

    /** What the sheen of some parts is on the mean, in gloss units; empty where none of them was read. */
    public OptionalDouble sheen(List<PartId> parts) {
        return parts.stream()
                .map(this::of)
                .flatMap(Optional::stream)
                .mapToDouble(Reading::gloss)
                .filter(units -> units >= 0)
                .average();
    }

    /** The last of a part. */
    public Optional<Reading> of(PartId part) {
        return all.stream().filter(reading -> reading.part().contains(part)).reduce((_, later) -> later);
    }

    public String nextId() {
        return "c" + (given + 1);
    }

    /**
     * How far two are apart.
     *
     * @param daylight CIEDE2000 under D65
     * @param lamplight under A; empty where one is known by its L*a*b* alone
     * @param unsure by how much the ways in which they were read may be off together
     */
    public record Apart(double daylight, OptionalDouble lamplight, double unsure) {
        public static Apart of(Reading one, Reading other) {
            var lamp = one.reflectance()
                    .flatMap(first -> other.reflectance()
                            .map(second ->
                                    Ciede2000.between(Lab.of(first, Illuminant.A), Lab.of(second, Illuminant.A))));
            return new Apart(
                    Ciede2000.between(one.lab(), other.lab()),
                    lamp.map(OptionalDouble::of).orElseGet(OptionalDouble::empty),
                    Math.hypot(one.off(), other.off()));
        }

        /** Whether they match under one lamp only. */
        public boolean isByOneLamp() {
            return lamplight.isPresent() && (daylight <= SEEN) != (lamplight.getAsDouble() <= SEEN);
        }

        /** Whether it can be told at all from how they were read. */
        public boolean isTold() {
            return Math.abs(daylight - SEEN) > unsure;
        }
    }

    /**
     * The odd one out of those that are seen together.
     *
     * @param from the mean of the others
     */
    public record Odd(Reading reading, double from) {}

    /** Of three and more, the one that lies farthest from the mean of the others, where that is seen. */
    public static Optional<Odd> odd(List<Reading> together) {
        if (together.size() < 3) return Optional.empty();
        return together.stream()
                .map(one -> new Odd(
                        one,
                        Ciede2000.between(
                                one.lab(),
                                mean(together.stream()
                                        .filter(other -> other != one)
                                        .toList()))))
                .max(Comparator.comparingDouble(Odd::from))
                .filter(odd -> odd.from() > SEEN);
    }

    private static Lab mean(List<Reading> some) {
        return new Lab(
                some.stream().mapToDouble(one -> one.lab().l()).average().orElseThrow(),
                some.stream().mapToDouble(one -> one.lab().a()).average().orElseThrow(),
                some.stream().mapToDouble(one -> one.lab().b()).average().orElseThrow());
    }

    /** A step on the way from what was found to what will be fitted. */
    public record Drift(Reading from, Reading to, Apart apart) {}

    /** From evidence to sample to lot to patch, each from the last of the one before; what was not read is left out. */
    public List<Drift> drift() {
        var steps = new ArrayList<Drift>();
        Reading before = null;
        for (var of : Reading.Of.values()) {
            if (of == Reading.Of.PART) continue;
            var last = all.stream().filter(one -> one.of() == of).reduce((_, later) -> later);
            if (last.isEmpty()) continue;
            if (before != null) steps.add(new Drift(before, last.get(), Apart.of(before, last.get())));
            before = last.get();
        }
        return steps;
    }

    /** Pairs of neighbours whose sheen lies too far apart to be sprayed so. */
    public static List<String> sheensApart(Map<String, Double> glosses) {
        var names = glosses.keySet().stream().sorted().toList();
        var apart = new ArrayList<String>();
        for (var i = 0; i < names.size(); i++)
            for (var k = i + 1; k < names.size(); k++) {
                var one = glosses.getOrDefault(names.get(i), 0.0);
                var other = glosses.getOrDefault(names.get(k), 0.0);
                if (Math.abs(one - other) > SHEEN_APART)
                    apart.add("%s %.0f, %s %.0f".formatted(names.get(i), one, names.get(k), other));
            }
        return apart;
    }
}
