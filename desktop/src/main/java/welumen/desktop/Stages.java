package welumen.desktop;

import welumen.desktop.cars.CarsView;
import welumen.desktop.cut.CutView;
import welumen.desktop.diary.DiaryView;
import welumen.desktop.finish.FinishBench;
import welumen.desktop.handover.HandoverView;
import welumen.desktop.intake.IntakeView;
import welumen.desktop.model.JobModel;
import welumen.desktop.pattern.PatternView;
import welumen.desktop.refit.RefitView;
import welumen.desktop.stage.StagePane;
import welumen.desktop.stores.StoresView;
import welumen.desktop.strip.StripView;
import welumen.desktop.survey.SurveyView;
import welumen.desktop.yard.YardView;
import welumen.job.WorkStage;

/** The views; each is made when it is opened, so that starting waits for none but the first. */
final class Stages {
    private Stages() {}

    /** What fills the middle of the window now. */
    static StagePane of(JobModel model) {
        return switch (model.screenProperty().get()) {
            case STAGE -> of(model.stageProperty().get(), model);
            case CARS -> new CarsView(model);
            case YARD -> new YardView(model);
        };
    }

    private static StagePane of(WorkStage stage, JobModel model) {
        return switch (stage) {
            case INTAKE -> new IntakeView(model);
            case STRIP -> new StripView(model);
            case SURVEY -> new SurveyView(model);
            case PATTERN -> new PatternView(model);
            case CUT -> new CutView(model);
            case STORES -> new StoresView(model);
            case DIARY -> new DiaryView(model);
            case REFIT -> new RefitView(model, FinishBench.tabs());
            case HANDOVER -> new HandoverView(model);
        };
    }
}
