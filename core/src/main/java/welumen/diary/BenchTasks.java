package welumen.diary;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import welumen.cabin.PartId;
import welumen.clock.Cure;
import welumen.diary.task.After;
import welumen.diary.task.TaskKind;
import welumen.diary.task.Why;
import welumen.finish.underway.CoatingEffort;
import welumen.pattern.ReadyToCut;
import welumen.refit.Undone;
import welumen.schedule.Effort;
import welumen.treatment.Hours;
import welumen.treatment.Treatment;

/** What is done to a part once it is out: ordered, drawn, cut, sewn, treated; in that order. */
final class BenchTasks {
    /** Hours of a trial in card, or of a seam that is drawn anew. */
    private static final Effort A_TRIAL = Effort.ofHours(0.3, 0.75, 1.5);

    /** Of the hours that are left of a coat, at the least and at the most. */
    private static final double LOW = 0.7;

    private static final double HIGH = 1.8;

    private final Standing at;
    private final TaskDraft draft;
    private final GateTasks gates;

    BenchTasks(Standing at, TaskDraft draft, GateTasks gates) {
        this.at = at;
        this.draft = draft;
        this.gates = gates;
    }

    /** Makes those of one part; empty where nothing is to be done to it, else what whatever follows waits for. */
    Optional<After> of(PartId part) {
        var undone = at.signOff().undone().getOrDefault(part, List.of());
        var row = new Row(part);
        if (draft.has(TaskDraft.id(TaskKind.TAKE_OFF, part)))
            row.inTheCar =
                    Optional.of(new After(TaskDraft.id(TaskKind.TAKE_OFF, part), Why.IN_THE_WAY, "it is in the car"));
        gates.held(part, over(part)).ifPresent(row::wait);
        gates.guarded(part).ifPresent(row::wait);
        gates.away(part).ifPresent(row::wait);
        for (var one : undone)
            if (one instanceof Undone.Undecided) row.then(TaskKind.CHOOSE, "", TaskDraft.A_WORD, 0, one.said());
        var uncut = undone.stream()
                .filter(Undone.Uncut.class::isInstance)
                .map(Undone.Uncut.class::cast)
                .findFirst();
        var chosen = at.choices().isOpen(part)
                ? at.choices().of(part).orElseThrow().treatments()
                : uncut.isPresent() ? List.of(implied(part)) : List.<Treatment>of();
        for (var treatment : chosen) if (treatment != Treatment.LEAVE) treat(row, part, treatment, uncut);
        if (chosen.stream().noneMatch(treatment -> kind(treatment, part) == TaskKind.COLOUR)) coat(row, part);
        return row.last();
    }

    /** What comes over a part that is mended first: what is covered anew is wrapped. */
    private Cure.Next over(PartId part) {
        return at.choices()
                .of(part)
                .filter(chosen -> chosen.treatments().contains(Treatment.RECOVER))
                .map(_ -> Cure.Next.WRAPPED)
                .orElse(Cure.Next.HANDLED);
    }

    /** Pieces are drawn and nothing else was said: it is made of them. */
    private Treatment implied(PartId part) {
        return switch (at.cabin().one(part).kind()) {
            case CARPET, UNDERLAY, MAT, HEADLINING -> Treatment.MAKE_NEW;
            default -> Treatment.RECOVER;
        };
    }

    private void treat(Row row, PartId part, Treatment treatment, Optional<Undone.Uncut> uncut) {
        var isDrawn =
                at.patterns().pieces().stream().anyMatch(piece -> piece.part().equals(part));
        var said = at.choices().isOpen(part)
                ? "it is still to be treated: " + at.choices().words(part)
                : uncut.map(Undone::said).orElse("");
        var hours = at.benchTimes().of(List.of(treatment), at.cabin().one(part).kind());
        var shares = Shares.of(treatment);
        var order = shares.isBought() && !isDrawn ? Optional.of(order(part, treatment)) : Optional.<After>empty();
        if (shares.draw() > 0 && !isDrawn)
            row.then(TaskKind.DRAW, "", effort(hours, shares.draw()), 0, "it is not drawn");
        order.ifPresent(row::wait);
        if (uncut.isPresent()) beforeTheCut(row, part);
        if (shares.cut() > 0 && (!isDrawn || uncut.isPresent()))
            row.then(TaskKind.CUT, "", effort(hours, shares.cut()), treatment.fails() / 2, "it is not cut");
        if (shares.sew() > 0) row.then(TaskKind.SEW, "", effort(hours, shares.sew()), 0, "it is not sewn");
        var coating = coating(treatment, part);
        row.then(
                kind(treatment, part),
                ": " + treatment.word(),
                coating.map(left -> about(left.hours() + at.finish().edges().hours(part)))
                        .orElseGet(() -> effort(hours, shares.rest())),
                treatment.fails(),
                said);
        row.cures(coating.map(CoatingEffort::dries).orElseGet(() -> shares.cures(at.products())));
        if (treatment == Treatment.SEND_OUT) row.away(treatment.waitingDays());
    }

    /** What is left of a surface that is on its way, where it is that which is to be done. */
    private Optional<CoatingEffort> coating(Treatment treatment, PartId part) {
        return kind(treatment, part) == TaskKind.COLOUR
                ? at.finish().coatings().openOf(part).map(CoatingEffort::new)
                : Optional.empty();
    }

    /** It is coated, and nobody has chosen that as its treatment. */
    private void coat(Row row, PartId part) {
        at.finish().coatings().openOf(part).ifPresent(coating -> {
            var left = new CoatingEffort(coating);
            row.then(
                    TaskKind.COLOUR,
                    ": " + coating.next().orElseThrow().what(),
                    about(left.hours() + at.finish().edges().hours(part)),
                    at.finish().fails(),
                    "its coats are not done");
            row.cures(left.dries());
        });
    }

    private static Effort about(double hours) {
        return Effort.ofHours(LOW * hours, hours, HIGH * hours);
    }

    /** What the pattern says against cutting: what is awaited is a gate, the rest is tried and put right first. */
    private void beforeTheCut(Row row, PartId part) {
        var against = at.patterns().pieces().stream()
                .filter(piece -> piece.part().equals(part))
                .flatMap(piece -> ReadyToCut.against(at.patterns(), piece).stream())
                .toList();
        against.stream()
                .filter(reason -> reason.key().equals(ReadyToCut.AWAITS))
                .findFirst()
                .ifPresent(reason -> row.wait(gates.gate(
                        "cut-awaits:" + part, part, "%s: %s".formatted(at.name(part), reason.said()), Why.NOT_HERE)));
        against.stream()
                .filter(reason -> !reason.key().equals(ReadyToCut.AWAITS))
                .findFirst()
                .ifPresent(reason -> row.then(TaskKind.TRY, "", A_TRIAL, 0, reason.said()));
    }

    /** It is ordered today, wherever the part is. */
    private After order(PartId part, Treatment treatment) {
        var task = draft.add(TaskDraft.make(
                        TaskDraft.id(TaskKind.ORDER, part) + ":"
                                + treatment.name().toLowerCase(Locale.ROOT),
                        TaskKind.ORDER,
                        "what is needed for %s: %s".formatted(at.name(part), treatment.word()))
                .on(part)
                .takes(TaskDraft.A_WORD));
        return new After(
                task.id(), Why.NOT_HERE, "what is needed for it is not here", Duration.ZERO, treatment.waitingDays());
    }

    private static Effort effort(Hours hours, double share) {
        return Effort.ofHours(hours.low() * share, hours.likely() * share, hours.high() * share);
    }

    private TaskKind kind(Treatment treatment, PartId part) {
        return switch (treatment) {
            case FILL_AND_RECOLOUR, REFINISH -> TaskKind.COLOUR;
            case REPAIR_BOARD, NEW_FOAM -> TaskKind.BUILD;
            case SEND_OUT -> TaskKind.SEND_OUT;
            case LEAVE, CLEAN, REFIX, RESTITCH, LET_IN_PANEL, RECOVER, BUY_REPRODUCTION, BUY_USED, MAKE_NEW ->
                switch (at.cabin().one(part).kind()) {
                    case CARPET, UNDERLAY, MAT, HEADLINING -> TaskKind.LAY;
                    default -> TaskKind.TREAT;
                };
        };
    }

    /** The work on one part, each behind the one before. */
    private final class Row {
        private final PartId part;
        private List<After> waits = new ArrayList<>();
        private Optional<After> inTheCar = Optional.empty();
        private Optional<After> last = Optional.empty();

        Row(PartId part) {
            this.part = part;
        }

        void wait(After one) {
            waits.add(one);
        }

        void then(TaskKind kind, String more, Effort effort, double fails, String said) {
            var id = TaskDraft.id(kind, part) + (more.isEmpty() ? "" : ":" + more.replaceAll("[^a-z]+", "-"));
            while (draft.has(id)) id += ":again"; // a second treatment has steps of its own
            var task = draft.add(TaskDraft.make(id, kind, at.name(part) + more)
                    .on(part)
                    .takes(effort)
                    .fails(at.book().fails(kind, fails)));
            OneChances.atTheBench(kind).ifPresent(task::chance);
            waits.forEach(task::after);
            if (wantsThePart(kind)) inTheCar.ifPresent(task::after);
            last = Optional.of(new After(task.id(), kind == TaskKind.CHOOSE ? Why.NOT_DECIDED : Why.NOT_DONE, said));
            waits = new ArrayList<>(List.of(last.get()));
        }

        /** What is drawn already is cut and sewn while the part is still in the car. */
        private static boolean wantsThePart(TaskKind kind) {
            return switch (kind) {
                case AWAIT, CHOOSE, ORDER, TRY, CUT, SEW, FETCH -> false;
                case TAKE_OFF, LOOK, DRAW, TREAT, BUILD, LAY, COLOUR, SEND_OUT, PUT_BACK, TEST, CHECK, HAND_OVER ->
                    true;
            };
        }

        void cures(Duration cures) {
            if (cures.isPositive()) behind(last -> new After(last.task(), last.why(), last.said(), cures, 0));
        }

        void away(int workingDays) {
            behind(last -> new After(last.task(), Why.NOT_HERE, last.said(), Duration.ZERO, workingDays));
        }

        private void behind(UnaryOperator<After> how) {
            last = last.map(how);
            waits = new ArrayList<>(last.stream().toList());
        }

        /** Where there is nothing to do, what keeps the part all the same. */
        Optional<After> last() {
            return last.or(() -> waits.isEmpty() ? Optional.empty() : Optional.of(waits.getLast()));
        }
    }
}
