package welumen.treatment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import welumen.cabin.Part;
import welumen.cabin.PartKind;
import welumen.cabin.Supply;
import welumen.intake.School.Effect;
import welumen.measure.Finish;
import welumen.survey.Finding;
import welumen.survey.Severity;

/**
 * Every way to go with a part that its material, its findings and its supply allow. Where one treatment leaves something
 * open, the least work that answers the most of the rest goes with it.
 *
 * <p>Every treatment is looked at against every finding; of additions the one that answers the most of what is left,
 * and no more: a guide for the trimmer, who may choose otherwise.
 */
public final class Candidates {
    private static final double MOST_FAILS = 0.9;

    private final Part part;
    private final List<Finding> findings;
    private final Terms terms;
    private final Matter matter;

    private Candidates(Part part, List<Finding> findings, Terms terms) {
        this.part = part;
        this.findings = findings;
        this.terms = terms;
        this.matter = Matter.of(part);
    }

    /** At least one, unless a finding stops work that no treatment answers. */
    public static List<Candidate> of(Part part, List<Finding> findings, Terms terms) {
        return new Candidates(part, findings, terms).all();
    }

    /** What was chosen, reckoned as it stands now, whether or not it would be offered. */
    public static Candidate chosen(Part part, List<Finding> findings, List<Treatment> treatments, Terms terms) {
        return new Candidates(part, findings, terms).candidate(treatments);
    }

    /** How much work a part is beside one of middling size, and so how much it counts in a whole job. */
    public static double size(Part part) {
        return PartSize.factor(part.kind());
    }

    private List<Candidate> all() {
        var ways = new ArrayList<Candidate>();
        for (var chief : Treatment.values())
            if (fits(chief) && (chief == Treatment.LEAVE || answers(chief, findings) > 0)) {
                var way = candidate(withHelp(chief));
                if (isAllowed(way) && ways.stream().noneMatch(known -> isSame(known, way))) ways.add(way);
            }
        return ways;
    }

    private boolean fits(Treatment treatment) {
        if (part.kind() == PartKind.BELT && !mayBelt(treatment)) return false;
        if (!terms.allow(treatment, part)) return false;
        if (treatment.replaces() && findings.stream().noneMatch(this::isWorthANewPart)) return false;
        return treatment.fits(part) && (treatment != Treatment.BUY_REPRODUCTION || canBuy());
    }

    /** What is lost or loose is put back, and no part made anew for it, unless it is past saving. */
    private boolean isWorthANewPart(Finding finding) {
        return switch (finding.kind()) {
            case MISSING_CLIP -> part.kind() == PartKind.BELT;
            case LOOSE_GLUE, GAP, PAINT_SPLASH, DAMP, SMELL, STAIN, SCUFF -> finding.severity() == Severity.WORST;
            case FADING, FINE_CRACK, WRONG_COLOUR, WRONG_GLOSS, SURFACE_RUST ->
                finding.severity().compareTo(Severity.BAD) >= 0;
            default -> true;
        };
    }

    /** A belt holds a life: it is never cut, dyed or sewn, and left alone only where nothing is wrong with its webbing. */
    private boolean mayBelt(Treatment treatment) {
        return switch (treatment) {
            case LEAVE ->
                findings.stream().allMatch(finding -> switch (finding.kind()) {
                    case STAIN, PAINT_SPLASH, SMELL -> true;
                    default -> false;
                });
            case CLEAN, BUY_REPRODUCTION, SEND_OUT -> true;
            default -> false;
        };
    }

    /** The same treatments, whichever of them is the chief. */
    private static boolean isSame(Candidate one, Candidate other) {
        return Set.copyOf(one.steps()).equals(Set.copyOf(other.steps()));
    }

    /** One that is sold in the wrong colour only is no use where it cannot be coloured. */
    private boolean canBuy() {
        return part.supply().isBought()
                && (part.supply() != Supply.WRONG_COLOUR || colouring().isPresent());
    }

    private Optional<Treatment> colouring() {
        return Stream.of(Treatment.REFINISH, Treatment.FILL_AND_RECOLOUR)
                .filter(treatment -> treatment.fits(part))
                .findFirst();
    }

    /** What stops work is never left. */
    private boolean isAllowed(Candidate way) {
        return findings.stream()
                .filter(finding -> finding.stopsWork())
                .allMatch(finding -> way.steps().stream().anyMatch(step -> answers(step, finding)));
    }

    /** What is left alone is left alone; a new part has nothing left to treat. */
    private List<Treatment> withHelp(Treatment chief) {
        var steps = new ArrayList<>(List.of(chief));
        if (chief == Treatment.BUY_REPRODUCTION && part.supply() == Supply.WRONG_COLOUR)
            colouring().ifPresent(steps::add);
        if (chief == Treatment.LEAVE || chief.replaces()) return steps;
        help(left(steps)).ifPresent(steps::add);
        return steps;
    }

    private Optional<Treatment> help(List<Finding> left) {
        return Stream.of(Treatment.values())
                .filter(one -> one != Treatment.LEAVE && !one.replaces() && fits(one) && answers(one, left) > 0)
                .max(Comparator.comparingLong((Treatment one) -> answers(one, left))
                        .thenComparing(one -> -one.hours().likely()));
    }

    private List<Finding> left(List<Treatment> steps) {
        return findings.stream()
                .filter(finding -> steps.stream().noneMatch(step -> answers(step, finding)))
                .toList();
    }

    private static long answers(Treatment treatment, List<Finding> findings) {
        return findings.stream().filter(finding -> answers(treatment, finding)).count();
    }

    /** What is past saving is answered only by what puts something new in its place, or by somebody else. */
    private static boolean answers(Treatment treatment, Finding finding) {
        return treatment.treats(finding.kind())
                && (finding.severity() != Severity.WORST || !treatment.keepsWhatIsThere());
    }

    private Candidate candidate(List<Treatment> steps) {
        var area = part.kind().outline().area() / 1e6;
        var left = left(steps);
        var work = new Hours(0, 0, 0);
        var materials = 0.0;
        var boughtIn = 0.0;
        var fine = 1.0;
        var days = 0.0;
        var years = Double.MAX_VALUE;
        var original = 1.0;
        for (var step : steps) {
            var schools = terms.on(step, part);
            work = work.plus(terms.hours().of(List.of(step), part.kind()).times(Terms.product(schools, Effect::hours)));
            var dearer = Terms.product(schools, Effect::materials);
            materials += dearer * terms.prices().materials(step, matter, area);
            boughtIn += dearer * terms.prices().boughtIn(step, area);
            fine *= 1 - Math.min(MOST_FAILS, step.fails() * Terms.product(schools, Effect::fails));
            days = Math.max(days, step.waitingDays() + Terms.sum(schools, Effect::days));
            years = Math.min(years, step.lastsYears() * Terms.product(schools, Effect::years));
            original = Math.min(original, originality(step, Terms.sum(schools, Effect::originality)));
        }
        return new Candidate(
                part.id(),
                steps,
                work,
                work.likely() * terms.prices().hour(),
                materials,
                boughtIn,
                days,
                finish(steps, left),
                original,
                (int) Math.round(years),
                1 - fine,
                steps.stream()
                        .map(Treatment::undo)
                        .max(Comparator.naturalOrder())
                        .orElseThrow(),
                steps.contains(Treatment.BUY_REPRODUCTION) && part.supply() == Supply.NOT_KNOWN,
                part.supply() == Supply.NO_LONGER_MADE,
                left.size());
    }

    /** However it is done, a part that comes in place of another does not stay more original than such a part is. */
    private static double originality(Treatment step, double bySchools) {
        var share = Math.clamp(step.originality() + bySchools, 0.0, 1.0);
        return step.replaces() ? Math.min(step.originality(), share) : share;
    }

    /** The worst that its steps leave where so much was wrong, and no better than what stays open allows. */
    private Finish finish(List<Treatment> steps, List<Finding> left) {
        var worst = findings.stream().map(Finding::severity).max(Comparator.naturalOrder());
        var share = worst.map(severity -> severity.ordinal() / 3.0).orElse(0.0);
        var reached = Finish.BEST;
        for (var step : steps) {
            var best = step.best().level();
            var level = best - share * (best - step.worst().level());
            var more = Terms.sum(terms.on(step, part), Effect::finish);
            reached = Finish.worse(reached, new Finish(Math.clamp(level + more, 0.0, 4.0)));
        }
        for (var finding : left) reached = Finish.worse(reached, shows(finding.severity()));
        return reached;
    }

    /** How good a part looks on which such a finding is left as it is. */
    private static Finish shows(Severity severity) {
        return new Finish(3 - severity.ordinal());
    }
}
