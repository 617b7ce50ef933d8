package welumen.treatment.whole;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import welumen.cabin.PartId;
import welumen.treatment.whole.WholeJob.Group;
import welumen.treatment.whole.WholeJob.Open;

/**
 * The choices of a whole job as a tree of ANDs and ORs: once a group's window or a patina group's answer is settled, the
 * parts that it bound together fall apart into pieces that know nothing of each other. What lies under a choice is
 * therefore the exact set of what can be done there, and its least is found without trying combinations (Dechter and
 * Mateescu, 2007).
 */
sealed interface Tree {
    /** One of these is to hold. */
    record Choice(List<Way> ways) implements Tree {}

    /** All of these hold at once. */
    record Way(List<Tree> parts) {}

    /**
     * One of these options is chosen for a part.
     *
     * @param options by their places in the part's list
     * @param amounts of each option, by {@link Goal}, with how often it stands out here
     */
    record Leaf(PartId part, int[] options, long[][] amounts) implements Tree {}

    static List<Tree> of(WholeJob job) {
        var bonds = new ArrayList<Bond>();
        for (var group : job.patina()) bonds.add(new PatinaBond(group));
        job.neighbours().stream()
                .sorted(Comparator.comparingInt((Group group) -> -group.parts().size()))
                .forEach(group -> bonds.add(new WindowBond(job, group)));
        var states = new ArrayList<State>();
        for (var part : job.parts()) states.add(State.of(job, part));
        return split(states, bonds);
    }

    /** Parts that no bond joins are trees of their own. */
    private static List<Tree> split(List<State> states, List<Bond> bonds) {
        var rest = new ArrayList<>(states);
        var trees = new ArrayList<Tree>();
        while (!rest.isEmpty()) {
            var together = new HashSet<PartId>(Set.of(rest.getFirst().part.part()));
            var joined = new ArrayList<Bond>();
            for (var grew = true; grew; ) {
                grew = false;
                for (var bond : bonds)
                    if (!joined.contains(bond) && bond.parts().stream().anyMatch(together::contains)) {
                        joined.add(bond);
                        together.addAll(bond.parts());
                        grew = true;
                    }
            }
            var here = rest.stream()
                    .filter(state -> together.contains(state.part.part()))
                    .toList();
            rest.removeAll(here);
            trees.add(tree(here, bonds.stream().filter(joined::contains).toList()));
        }
        return trees;
    }

    private static Tree tree(List<State> states, List<Bond> bonds) {
        if (bonds.isEmpty()) return states.getFirst().leaf();
        var first = bonds.getFirst();
        return new Choice(first.settle(states).stream()
                .filter(settled -> settled.stream().noneMatch(state -> state.amounts.isEmpty()))
                .map(settled -> new Way(split(settled, bonds.subList(1, bonds.size()))))
                .toList());
    }

    /** A part with the options that are still open, and what each has of every goal. */
    record State(Open part, Map<Integer, long[]> amounts) {
        static State of(WholeJob job, Open part) {
            var amounts = new HashMap<Integer, long[]>();
            for (var i = 0; i < part.options().size(); i++)
                if (part.fixed().isEmpty() || part.fixed().get() == i)
                    amounts.put(i, Goal.of(job, part, part.options().get(i)));
            return new State(part, amounts);
        }

        Leaf leaf() {
            var options = amounts.keySet().stream()
                    .mapToInt(Integer::intValue)
                    .sorted()
                    .toArray();
            var of = new long[options.length][];
            for (var i = 0; i < options.length; i++) of[i] = amounts.get(options[i]);
            return new Leaf(part.part(), options, of);
        }
    }

    /** What binds parts together; settled in one way, it binds no longer. */
    sealed interface Bond {
        List<PartId> parts();

        /** The parts as each way to settle it leaves them. */
        List<List<State>> settle(List<State> states);
    }

    /** All keep their patina, or none, as far as they can do both. */
    record PatinaBond(List<PartId> parts) implements Bond {
        @Override
        public List<List<State>> settle(List<State> states) {
            return List.of(settled(states, true), settled(states, false));
        }

        private List<State> settled(List<State> states, boolean isKept) {
            return states.stream()
                    .map(state ->
                            parts.contains(state.part.part()) && canDoBoth(state.part) ? only(state, isKept) : state)
                    .toList();
        }

        private static State only(State state, boolean isKept) {
            var amounts = new HashMap<>(state.amounts);
            amounts.keySet()
                    .removeIf(option ->
                            Patina.isKept(state.part.options().get(option).candidate()) != isKept);
            return new State(state.part, amounts);
        }

        private static boolean canDoBoth(Open part) {
            var keeping = part.options().stream()
                    .filter(option -> Patina.isKept(option.candidate()))
                    .count();
            return part.fixed().isEmpty()
                    && keeping > 0
                    && keeping < part.options().size();
        }
    }

    /** A group has one window; whoever is not in it stands out. */
    record WindowBond(WholeJob job, Group group) implements Bond {
        @Override
        public List<PartId> parts() {
            return group.parts();
        }

        @Override
        public List<List<State>> settle(List<State> states) {
            return lows().stream().map(low -> settled(states, low)).toList();
        }

        /** Where windows begin; one that holds no more than its neighbour does is left out. */
        private List<Integer> lows() {
            var values = new TreeSet<Integer>();
            for (var part : group.parts())
                job.find(part)
                        .ifPresent(open -> open.options()
                                .forEach(option -> values.add(group.measure().of(option))));
            var lows = new ArrayList<Integer>();
            var reached = Integer.MIN_VALUE;
            for (var low : values) {
                var high = values.floor(low + group.measure().apart());
                if (high > reached) lows.add(low);
                reached = Math.max(reached, high);
            }
            return lows;
        }

        private List<State> settled(List<State> states, int low) {
            return states.stream()
                    .map(state -> group.parts().contains(state.part.part()) ? seen(state, low) : state)
                    .toList();
        }

        private State seen(State state, int low) {
            var amounts = new HashMap<Integer, long[]>();
            state.amounts.forEach((option, before) -> {
                var value = group.measure().of(state.part.options().get(option));
                var after = before.clone();
                if (value < low || value > low + group.measure().apart()) after[Goal.STANDING_OUT.ordinal()]++;
                amounts.put(option, after);
            });
            return new State(state.part, amounts);
        }
    }
}
