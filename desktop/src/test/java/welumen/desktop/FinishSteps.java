package welumen.desktop;

import welumen.desktop.look.Styles;
import welumen.finish.FinishBook;
import welumen.job.WorkStage;
import welumen.standins.demo.DemoWorkshop;

/** What every walk at the finish bench does. */
record FinishSteps(Workbench bench) {
    void leaf(String leaf) {
        bench.go(WorkStage.REFIT);
        bench.click("group-finish");
        bench.click("leaf-" + leaf);
    }

    FinishBook book() {
        return bench.ask(() -> bench.model().job().finish());
    }

    /** What is worked out beside is there. */
    void settled() {
        bench.until(() -> bench.robot.lookup("." + Styles.WORKING).queryAll().isEmpty());
    }

    /** Turns to the demo’s van with its twenty-eight pieces. */
    void van() {
        bench.cars();
        bench.click("turn-to-" + DemoWorkshop.DRUMLIN);
        bench.until(() -> book().batch().pieces().size() == 28);
    }
}
