package welumen.yard;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import welumen.cut.stock.Stock;
import welumen.yard.StockChange.BoughtFor;
import welumen.yard.StockChange.CalledSo;
import welumen.yard.StockChange.CutFor;
import welumen.yard.StockChange.FoundSo;
import welumen.yard.StockChange.Gone;

/**
 * Hides, rolls, sheets and offcuts: what is here, for which car it was bought, and from which it has been cut.
 *
 * @param here what can be cut from, in the order in which it came
 * @param boughtFor by the name of the stock
 * @param cut what has been cut from, and is here no more
 * @param renamed what is called otherwise now, by what plans of before call it
 */
public record StockBook(
        List<Stock> here,
        Map<String, UUID> boughtFor,
        List<CutFor> cut,
        Set<String> gone,
        Map<String, String> renamed) {
    public static final StockBook EMPTY = new StockBook(List.of(), Map.of(), List.of(), Set.of(), Map.of());

    public StockBook {
        here = List.copyOf(here);
        boughtFor = Map.copyOf(boughtFor);
        cut = List.copyOf(cut);
        gone = Set.copyOf(gone);
        renamed = Map.copyOf(renamed);
    }

    /**
     * @param garage to say for which car something was cut
     * @throws IllegalStateException if it is not here: gone, or cut since; says so, and for which car
     * @throws IllegalArgumentException if something of that name is here already
     */
    StockBook after(StockChange change, Garage garage) {
        return switch (change) {
            case BoughtFor(var stock, var car) -> {
                var more = new HashMap<>(boughtFor);
                more.put(stock.id(), car);
                yield new StockBook(and(stock), more, cut, gone, but(stock.id()));
            }
            case FoundSo(var stock) -> {
                one(stock.id(), garage);
                yield new StockBook(
                        here.stream()
                                .map(each -> each.id().equals(stock.id()) ? stock : each)
                                .toList(),
                        boughtFor,
                        cut,
                        gone,
                        renamed);
            }
            case CalledSo(var was, var now) -> {
                var old = one(was, garage);
                free(now);
                var names = new HashMap<>(boughtFor);
                var car = names.remove(was);
                if (car != null) names.put(now, car);
                yield new StockBook(
                        here.stream()
                                .map(each -> each == old ? old.called(now) : each)
                                .toList(),
                        names,
                        cut,
                        gone,
                        called(was, now));
            }
            case Gone(var id, var _) -> {
                one(id, garage);
                var more = new HashSet<>(gone);
                more.add(id);
                yield new StockBook(without(id), boughtFor, cut, more, renamed);
            }
            case CutFor sheet -> {
                one(sheet.stock(), garage);
                sheet.offcuts().forEach(offcut -> free(offcut.id()));
                var left = Stream.concat(without(sheet.stock()).stream(), sheet.offcuts().stream());
                yield new StockBook(
                        left.toList(),
                        boughtFor,
                        Stream.concat(cut.stream(), Stream.of(sheet)).toList(),
                        gone,
                        renamed);
            }
        };
    }

    /** One more that came in for no car in particular. */
    StockBook taken(Stock more) {
        return new StockBook(and(more), boughtFor, cut, gone, but(more.id()));
    }

    public Optional<Stock> findOne(String id) {
        return here.stream().filter(stock -> stock.id().equals(id)).findFirst();
    }

    /** Whether the book knows a stock of this name: here, cut or gone. */
    public boolean knows(String id) {
        return findOne(id).isPresent()
                || gone.contains(id)
                || renamed.containsKey(id)
                || cut.stream().anyMatch(sheet -> sheet.stock().equals(id));
    }

    /** A name for a second one of a name: “hide 3 (2)”; the name itself where none has it. */
    public String freeName(String wanted) {
        var name = wanted;
        for (var number = 2; knows(name); number++) name = "%s (%d)".formatted(wanted, number);
        return name;
    }

    /** With one name more that is not used any more; what was called that before is called the newest, too. */
    private Map<String, String> called(String was, String now) {
        var all = new HashMap<>(renamed);
        all.replaceAll((_, then) -> then.equals(was) ? now : then);
        all.put(was, now);
        all.remove(now);
        return all;
    }

    /** A name that something new has is its own. */
    private Map<String, String> but(String name) {
        var all = new HashMap<>(renamed);
        all.remove(name);
        return all;
    }

    private List<Stock> and(Stock more) {
        free(more.id());
        var all = new ArrayList<>(here);
        all.add(more);
        return all;
    }

    private void free(String name) {
        if (findOne(name).isPresent())
            throw new IllegalArgumentException(
                    "There is a “%s” here already. Give this one another name.".formatted(name));
    }

    private List<Stock> without(String id) {
        return here.stream().filter(stock -> !stock.id().equals(id)).toList();
    }

    private Stock one(String id, Garage garage) {
        return findOne(id)
                .orElseThrow(() -> new IllegalStateException(cut.stream()
                        .filter(sheet -> sheet.stock().equals(id))
                        .findFirst()
                        .map(sheet -> "“%s” was cut for the %s."
                                .formatted(id, garage.one(sheet.car()).title()))
                        .orElse("“%s” is not here.".formatted(id))));
    }
}
