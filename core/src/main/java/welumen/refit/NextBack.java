package welumen.refit;

import java.util.List;
import java.util.Optional;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.strip.StripLog;
import welumen.strip.order.RefitOrder;

/** Which part can go back now: of those that can, the one whose turn comes first. */
public final class NextBack {
    private NextBack() {}

    public static Optional<PartId> of(Cabin cabin, StripLog strip, SignOff signOff) {
        return inOrder(RefitOrder.of(cabin, strip, signOff.stillOut())).stream()
                .filter(signOff::canGoBack)
                .findFirst();
    }

    private static List<PartId> inOrder(RefitOrder.Result result) {
        return switch (result) {
            case RefitOrder.Result.Ordered(var parts, var _) -> parts;
            case RefitOrder.Result.Circle(var parts) -> parts;
        };
    }
}
