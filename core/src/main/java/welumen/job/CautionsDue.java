package welumen.job;

import static welumen.care.Caution.DEPLOYMENT;
import static welumen.care.Caution.FUMES;
import static welumen.care.Caution.HOT_TOOLS;
import static welumen.care.Caution.IRREPLACEABLE;
import static welumen.care.Caution.MOULD;
import static welumen.care.Caution.SEATS_AND_BELTS;
import static welumen.care.Caution.STRUCTURE;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import welumen.cabin.Part;
import welumen.care.CareChange.CautionSeen;
import welumen.care.Caution;
import welumen.strip.StripCautions;
import welumen.strip.account.OneWay;

/** The cautions that a piece of work wants now: once a job and kind of work, at the step that needs them. */
public final class CautionsDue {
    private CautionsDue() {}

    /** What is to be seen before work on a part at a stage, in its order; empty where all of it was seen or none is wanted. */
    public static List<CautionSeen> at(WorkStage stage, Job job, Part part) {
        var wanted = switch (stage) {
            case STRIP -> atStrip(job, part);
            case SURVEY -> atSurvey(job, part);
            case REFIT -> atRefit(job, part);
            default -> List.<CautionSeen>of();
        };
        return job.care().due(wanted);
    }

    private static List<CautionSeen> atStrip(Job job, Part part) {
        if (job.strip().isOff(part.id())) return List.of();
        var wanted = new ArrayList<CautionSeen>();
        if (StripCautions.isIrreplaceable(part)) wanted.add(handling(part));
        wanted.addAll(all(
                StripCautions.of(part.kind(), job.brief().hasAirbags()),
                part.kind().word() + " off"));
        if (OneWay.isGlued(job.strip(), part)) wanted.addAll(all(List.of(FUMES, HOT_TOOLS), "glue off"));
        return wanted;
    }

    private static List<CautionSeen> atSurvey(Job job, Part part) {
        return job.survey().on(part.id()).stream()
                .flatMap(finding -> switch (finding.kind()) {
                    case MOULD -> Stream.of(new CautionSeen(MOULD, "mould"));
                    case RUST_THROUGH -> Stream.of(new CautionSeen(STRUCTURE, "structure"));
                    default -> Stream.<CautionSeen>empty();
                })
                .distinct()
                .toList();
    }

    private static List<CautionSeen> atRefit(Job job, Part part) {
        if (!job.strip().isOff(part.id()) || job.refit().isFitted(part.id())) return List.of();
        var wanted = new ArrayList<CautionSeen>();
        if (StripCautions.holdsLives(part.kind()))
            wanted.add(new CautionSeen(SEATS_AND_BELTS, part.kind().word() + " in"));
        if (job.brief().hasAirbags() && StripCautions.wantsBatteryOff(part.kind()))
            wanted.add(new CautionSeen(DEPLOYMENT, "covering near airbags"));
        if (OneWay.isGlued(job.strip(), part)) wanted.addAll(all(List.of(FUMES, HOT_TOOLS), "glue on"));
        return wanted;
    }

    /** The tick under a handling plan. */
    static CautionSeen handling(Part part) {
        return new CautionSeen(IRREPLACEABLE, part.name());
    }

    private static List<CautionSeen> all(List<Caution> cautions, String work) {
        return cautions.stream().map(caution -> new CautionSeen(caution, work)).toList();
    }
}
