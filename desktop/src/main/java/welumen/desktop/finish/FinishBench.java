package welumen.desktop.finish;

import java.util.List;
import java.util.stream.Stream;
import welumen.desktop.stage.Tab;

/** The leaves of the finish bench, for the stage on which it lies. */
public final class FinishBench {
    private static final String FINISH = "Finish";

    private FinishBench() {}

    public static List<Tab> tabs() {
        return Stream.of(
                        new Tab("Colour", ColourLeaf::new),
                        new Tab("Photo", PhotoLeaf::new),
                        new Tab("Mix", MixLeaf::new),
                        new Tab("Cards", CardLeaf::new),
                        new Tab("Loads", LoadsLeaf::new),
                        new Tab("Coats", CoatsLeaf::new),
                        new Tab("Under way", UnderWayLeaf::new),
                        new Tab("Mask", MaskLeaf::new))
                .map(tab -> tab.in(FINISH))
                .toList();
    }
}
