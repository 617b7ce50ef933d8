package welumen.desktop.cars;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import welumen.desktop.look.Nodes;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.NamedFirst;
import welumen.yard.CarFile;
import welumen.yard.CarsChange;
import welumen.yard.CarsChange.CarClosed;
import welumen.yard.CarsChange.CarSetAside;
import welumen.yard.CarsChange.CarTakenUp;
import welumen.yard.YardChange.OfCars;

/** What can become of a car: set aside, closed, taken up again. All of it is taken back by one key. */
final class CarStandings {
    private CarStandings() {}

    /** @param said where what keeps a car from going home is named before it is closed */
    static List<Button> buttons(JobModel model, CarFile car, Label said) {
        return switch (car.standing()) {
            case CarFile.Standing.InWork() ->
                List.of(
                        button(
                                model,
                                "Set aside",
                                "It waits, and is taken up again",
                                new CarSetAside(car.job(), ""),
                                "aside-"),
                        close(model, car, said));
            case CarFile.Standing.SetAside _, CarFile.Standing.Closed _ ->
                List.of(button(model, "Take up again", "Work on it again", new CarTakenUp(car.job()), "take-up-"));
        };
    }

    private static Button close(JobModel model, CarFile car, Label said) {
        var close = Nodes.button("It went home", "Close it: its log is kept, and taught from", () -> {
            var stops = model.others().everyCar().stream()
                    .filter(other -> other.file().job().equals(car.job()))
                    .mapToInt(other -> other.state().stops().size())
                    .sum();
            var words = "%s at Handover still %s the %s from going home."
                    .formatted(
                            stops == 1 ? "One thing" : stops + " things", stops == 1 ? "keeps" : "keep", car.title());
            Runnable closes = () -> model.yard().make(new OfCars(new CarClosed(car.job(), model.today())));
            if (stops > 0) NamedFirst.ask(said, words, "Close it all the same", closes);
            else closes.run();
        });
        close.setId("close-" + car.job());
        return close;
    }

    private static Button button(JobModel model, String word, String tip, CarsChange change, String id) {
        var button = Nodes.button(word, tip, () -> model.yard().make(new OfCars(change)));
        button.setId(id
                + switch (change) {
                    case CarSetAside(var job, var _) -> job;
                    case CarClosed(var job, var _) -> job;
                    case CarTakenUp(var job) -> job;
                    case CarsChange.CarTitled(var job, var _) -> job;
                });
        return button;
    }
}
