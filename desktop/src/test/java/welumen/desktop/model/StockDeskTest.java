package welumen.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cut.hide.StockText;
import welumen.cut.stock.Stock;
import welumen.job.WorkStage;

/** What comes in is the yard's, and is taken back where it was done. */
class StockDeskTest {
    @TempDir
    Path home;

    private OpenDemo demo;
    private JobModel model;

    @BeforeEach
    void open() {
        demo = new OpenDemo(home);
        model = demo.model;
        model.stageProperty().set(WorkStage.CUT);
    }

    @AfterEach
    void close() {
        demo.close();
    }

    private static Stock roll() {
        return StockText.read("roll brown cloth, 1400 wide, 6 m long, cost 30", "cloth")
                .orThrow();
    }

    private boolean isHere(String id) {
        return model.yard().state().stock().findOne(id).isPresent();
    }

    @Test
    void twoOfOneNameAreToldApart() {
        var first = model.stock().boughtForCar(roll()).orElseThrow();
        var second = model.stock().boughtForCar(roll()).orElseThrow();
        assertThat(second.id()).isNotEqualTo(first.id()).startsWith(first.id());
        assertThat(isHere(first.id())).isTrue();
        assertThat(isHere(second.id())).isTrue();
    }

    @Test
    void boughtForACarIsInBothLogsAndTakenBackInBoth() {
        var roll = model.stock().boughtForCar(roll()).orElseThrow();
        assertThat(model.stock().boughtFor(roll.id()))
                .contains(model.openedProperty().get().title());
        assertThat(model.stock().hangs(roll.id())).contains("it was bought for the");
        model.takeBack();
        assertThat(isHere(roll.id())).isFalse();
        model.putBack();
        assertThat(isHere(roll.id())).isTrue();
    }

    @Test
    void takenInAtTheYardBelongsToNoCar() {
        model.screenProperty().set(Screen.YARD);
        var roll = model.stock().takenIn(roll()).orElseThrow();
        assertThat(model.stock().boughtFor(roll.id())).isEmpty();
        assertThat(model.stock().hangs(roll.id())).isEmpty();
        assertThat(model.stock().gone(roll.id(), "sold")).isTrue();
        assertThat(isHere(roll.id())).isFalse();
    }

    @Test
    void ofWhatIsNotThereNothingIsFoundOtherwise() {
        assertThat(model.stock().found(roll().called("no such roll"))).isFalse();
        assertThat(model.troubleProperty().get()).contains("no such roll");
    }
}
