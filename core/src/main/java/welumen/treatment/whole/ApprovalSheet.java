package welumen.treatment.whole;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.intake.Approval;
import welumen.intake.Brief;
import welumen.measure.WorkingDays;
import welumen.survey.Finding;
import welumen.survey.Survey;
import welumen.treatment.Candidate;
import welumen.treatment.Candidates;
import welumen.treatment.Choices;
import welumen.treatment.Terms;

/**
 * What a customer is to agree to: for each part what was found, what is to be done, the finish that it reaches, what it
 * costs at the least and at the most, and by when.
 */
public record ApprovalSheet(List<Line> lines, double least, double most, LocalDate earliest) {
    /**
     * @param least if the work goes well
     * @param most if it takes long, and what may fail fails once
     */
    public record Line(Part part, List<Finding> findings, Candidate way, double least, double most) {
        public Line {
            findings = List.copyOf(findings);
        }
    }

    private static final String QUESTION = "all that is to be done, as printed?";

    public ApprovalSheet {
        lines = List.copyOf(lines);
    }

    /** Of everything that is chosen and not done. */
    public static ApprovalSheet of(Cabin cabin, Survey survey, Choices choices, Terms terms, LocalDate today) {
        var lines = new ArrayList<Line>();
        for (var part : cabin.parts()) {
            if (!choices.isOpen(part.id())) continue;
            var findings = survey.on(part.id());
            var chosen = choices.of(part.id()).orElseThrow().treatments();
            lines.add(line(part, findings, Candidates.chosen(part, findings, chosen, terms), terms));
        }
        var hours =
                lines.stream().mapToDouble(line -> line.way().hours().likely()).sum();
        var waits = lines.stream()
                .mapToDouble(line -> line.way().waitingDays())
                .max()
                .orElse(0);
        return new ApprovalSheet(
                lines,
                lines.stream().mapToDouble(Line::least).sum(),
                lines.stream().mapToDouble(Line::most).sum(),
                WorkingDays.after(today, (int) Math.ceil(hours / WorkingDays.HOURS + waits)));
    }

    /**
     * The question about all of it, in the place of the one before. It holds the parts until it is answered.
     *
     * @param sign of the job's currency
     */
    public Approval asked(Brief brief, String sign, LocalDate today) {
        var earlier = brief.approvals().stream()
                .filter(one -> one.question().equals(QUESTION) && !one.isOpen())
                .mapToInt(Approval::number)
                .max()
                .orElse(0);
        return new Approval(
                brief.nextApproval(),
                QUESTION,
                "%d %s, %s%.0f to %s%.0f"
                        .formatted(lines.size(), lines.size() == 1 ? "part" : "parts", sign, least, sign, most),
                earlier,
                lines.stream().map(line -> line.part().id()).toList(),
                today,
                new Approval.Answer.Awaited());
    }

    private static Line line(Part part, List<Finding> findings, Candidate way, Terms terms) {
        var bought = way.materials() + way.boughtIn();
        var most = way.hours().high() * terms.prices().hour() + bought;
        // whole units of money on every line, so that what is printed adds up to the sum beneath
        return new Line(
                part,
                findings,
                way,
                Math.rint(way.hours().low() * terms.prices().hour() + bought),
                Math.rint(most + way.fails() * way.price()));
    }
}
