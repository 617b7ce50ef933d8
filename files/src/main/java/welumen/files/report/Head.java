package welumen.files.report;

import java.io.IOException;
import welumen.job.Job;

/** Whose car a paper is about. */
final class Head {
    private Head() {}

    static void write(WrittenPage paper, Job job) throws IOException {
        var car = job.intake().known();
        if (car.isEmpty()) return;
        paper.line(
                "Car",
                "%d %s, %s"
                        .formatted(car.get().year(), car.get().name(), car.get().registration()));
        paper.line("Customer", job.intake().owner().orElseThrow().name());
        var agreed = job.intake().agreed();
        if (agreed.isEmpty()) return;
        paper.line("Standard", agreed.get().standard().word());
        paper.line("Budget", agreed.get().budget().print());
    }
}
