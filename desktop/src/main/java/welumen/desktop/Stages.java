package welumen.desktop;

import welumen.desktop.cut.CutView;
import welumen.desktop.diary.DiaryView;
import welumen.desktop.handover.HandoverView;
import welumen.desktop.intake.IntakeView;
import welumen.desktop.model.JobModel;
import welumen.desktop.pattern.PatternView;
import welumen.desktop.refit.RefitView;
import welumen.desktop.stage.StagePane;
import welumen.desktop.stores.StoresView;
import welumen.desktop.strip.StripView;
import welumen.desktop.survey.SurveyView;
import welumen.job.WorkStage;

/** The view of each stage; made when its stage is opened, so that starting waits for none but the first. */
final class Stages {
    private Stages() {}

    static StagePane of(WorkStage stage, JobModel model) {
        return switch (stage) {
            case INTAKE -> new IntakeView(model);
            case STRIP -> new StripView(model);
            case SURVEY -> new SurveyView(model);
            case PATTERN -> new PatternView(model);
            case CUT -> new CutView(model);
            case STORES -> new StoresView(model);
            case DIARY -> new DiaryView(model);
            case REFIT -> new RefitView(model);
            case HANDOVER -> new HandoverView(model);
        };
    }
}
