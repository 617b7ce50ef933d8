package welumen.desktop.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import welumen.cut.CutChange.SheetCut;
import welumen.cut.CutChange.StockBrought;
import welumen.cut.CutChange.StockSeen;
import welumen.cut.CutChange.StockSeen.What;
import welumen.cut.CutChange.StockSentBack;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.stock.Stock;
import welumen.job.JobChange;
import welumen.job.JobChange.AtCut;
import welumen.job.JobChange.Together;
import welumen.yard.StockChange;
import welumen.yard.StockChange.BoughtFor;
import welumen.yard.StockChange.CalledSo;
import welumen.yard.StockChange.CutFor;
import welumen.yard.StockChange.FoundSo;
import welumen.yard.StockChange.Gone;
import welumen.yard.YardChange;
import welumen.yard.YardChange.OfStock;
import welumen.yard.YardChange.StockTakenIn;

/**
 * What is cut from, on its way through the yard. It belongs to the yard, whichever car it was bought for; what touches the
 * open car too is one action of both logs. What an earlier Welumen kept with a car alone is changed there.
 */
public final class StockDesk {
    private final JobModel model;

    StockDesk(JobModel model) {
        this.model = model;
    }

    /** It came in for the open car; a second one of a name gets a name of its own. Empty if it was refused, which is said. */
    public Optional<Stock> boughtForCar(Stock stock) {
        var named = named(stock);
        var car = model.openedProperty().get().job();
        return make(named.id(), What.CAME_IN, new OfStock(new BoughtFor(named, car)))
                ? Optional.of(named)
                : Optional.empty();
    }

    /** It came in for no car in particular. */
    public Optional<Stock> takenIn(Stock stock) {
        var named = named(stock);
        return make(named.id(), What.CAME_IN, new StockTakenIn(named)) ? Optional.of(named) : Optional.empty();
    }

    private Stock named(Stock stock) {
        var book = model.yard().state().stock();
        var free = book.freeName(stock.id());
        for (var number = 2; isOldCars(free); number++) free = book.freeName("%s (%d)".formatted(stock.id(), number));
        return free.equals(stock.id()) ? stock : stock.called(free);
    }

    /** It was found otherwise than it was known. */
    public boolean found(Stock stock) {
        return found(List.of(), List.of(stock));
    }

    /** Some were found otherwise, as one action with what changes of the open car. */
    public boolean found(List<? extends JobChange> inCar, List<Stock> stocks) {
        var car = new ArrayList<JobChange>(inCar);
        var yard = new ArrayList<YardChange>();
        for (var stock : stocks)
            if (isOldCars(stock.id())) car.add(new AtCut(new StockBrought(stock)));
            else yard.add(new OfStock(new FoundSo(stock)));
        if (yard.isEmpty()) return model.makeTogether(car);
        if (car.isEmpty()) return make(stocks.getFirst().id(), What.FOUND_OTHERWISE, YardChange.AllOf.of(yard));
        return model.make(Together.of(car), YardChange.AllOf.of(yard));
    }

    public boolean called(String was, String now) {
        return model.yard().make(new OfStock(new CalledSo(was, now.strip())));
    }

    /** It is here no more. */
    public boolean gone(String id, String why) {
        var inYard = model.yard().state().stock().findOne(id).isPresent();
        var sentBack = new AtCut(new StockSentBack(id));
        var gone = new OfStock(new Gone(id, why));
        if (!isOldCars(id)) return make(id, What.GONE, gone);
        return inYard ? model.make(sentBack, gone) : model.make(sentBack);
    }

    /** All that was laid on it was cut. */
    public boolean cut(Stock stock, List<Stock> kept) {
        var cut = new AtCut(new SheetCut(stock.id(), kept, model.today()));
        StockChange inYard = new CutFor(stock.id(), model.openedProperty().get().job(), kept, model.today());
        return model.yard().state().stock().findOne(stock.id()).isPresent()
                ? model.make(cut, new OfStock(inYard))
                : model.make(cut);
    }

    /** What hangs on a stock: the cars whose pieces are laid on it, and for which it was bought. */
    public String hangs(String id) {
        var laid = Stream.concat(
                        model.others().everyCar().stream()
                                .filter(car -> car.state().table() instanceof Laid on
                                        && on.plan().placements().stream()
                                                .anyMatch(placement ->
                                                        placement.stock().equals(id)))
                                .map(car -> "pieces of the %s are laid on it"
                                        .formatted(car.file().title())),
                        boughtFor(id).map(car -> "it was bought for the " + car).stream())
                .toList();
        return String.join("; ", laid);
    }

    /** The car for which it was bought; empty for none in particular. */
    public Optional<String> boughtFor(String id) {
        var yard = model.yard().state();
        return Optional.ofNullable(yard.stock().boughtFor().get(id))
                .flatMap(yard.garage()::findOne)
                .map(car -> car.title());
    }

    /** Whether an earlier Welumen kept it with the open car. */
    private boolean isOldCars(String id) {
        return model.own().cutLog().brought().stream()
                .anyMatch(stock -> stock.id().equals(id));
    }

    /** What is done at a car's stage is in its log too, so that it is taken back there. */
    private boolean make(String id, What what, YardChange change) {
        return model.screenProperty().get().isYards()
                ? model.yard().make(change)
                : model.make(new AtCut(new StockSeen(id, what)), change);
    }
}
