package welumen.files.report;

import java.io.IOException;
import welumen.intake.Intake;
import welumen.job.Job;

/** Whose car a paper is about. */
final class Head {
    private Head() {}

    static void write(Paper paper, Job job) throws IOException {
        if (!(job.intake() instanceof Intake.TakenIn taken)) return;
        var car = taken.car();
        paper.line("Car", "%d %s, %s".formatted(car.year(), car.name(), car.registration()));
        paper.line("Customer", taken.customer().name());
        paper.line("Standard", taken.agreement().standard().word());
        paper.line("Budget", taken.agreement().budget().print());
    }
}
