package welumen.desktop.model;

import java.util.UUID;
import welumen.job.WorkStage;

/** What fills the middle of the window: which screen, at which stage of which car. */
public record Middle(Screen screen, WorkStage stage, UUID car) {}
