package welumen.cut.nest.separation;

import java.util.OptionalDouble;
import java.util.random.RandomGenerator;

/**
 * Two pieces of about one size change places, so that a search that is at its end here goes on from elsewhere (a sideways move:
 * Selman, Levesque and Mitchell, 1992). Of one hide no more area is covered than before, and what lies on the others stays there.
 */
public final class Sideways {
    private static final double MOST_TIMES = 1.67;
    /** Pairs that are drawn; where none may change places, everything stays. */
    private static final int TRIED = 300;

    private final Layout layout;
    private final int on;
    private final RandomGenerator random;

    private Sideways(Layout layout, int on, RandomGenerator random) {
        this.layout = layout;
        this.on = on;
        this.random = random;
    }

    /** @param on the number of the hide on which no more is to lie */
    public static void from(Layout layout, int on, RandomGenerator random) {
        new Sideways(layout, on, random).exchange();
    }

    private void exchange() {
        var count = layout.items.size();
        layout.keepOthersOff(on);
        for (var tried = 0; tried < TRIED; tried++) {
            var one = random.nextInt(count);
            var other = random.nextInt(count);
            if (!isOfUse(one, other)) continue;
            var turn = turnAt(one, other);
            var otherTurn = turnAt(other, one);
            if (turn.isEmpty() || otherTurn.isEmpty()) continue;
            exchange(one, turn.getAsDouble(), other, otherTurn.getAsDouble());
            return;
        }
    }

    private void exchange(int one, double turn, int other, double otherTurn) {
        var kept = layout.keptOff[one];
        layout.keptOff[one] = layout.keptOff[other];
        layout.keptOff[other] = kept;
        var place = layout.bodies[one];
        var x = place.x;
        var y = place.y;
        var field = layout.field[one];
        var otherPlace = layout.bodies[other];
        layout.lay(one, layout.field[other], otherPlace.x, otherPlace.y, turn, layout.flipped[one]);
        layout.lay(other, field, x, y, otherTurn, layout.flipped[other]);
    }

    private boolean isOfUse(int one, int other) {
        if (layout.items.get(one).piece() == layout.items.get(other).piece()) return false;
        var times = area(one) / area(other);
        if (times > MOST_TIMES || times < 1 / MOST_TIMES) return false;
        if (layout.field[one] == layout.field[other]) return true;
        var wouldCoverMore = layout.field[one] == on && times < 1 || layout.field[other] == on && times > 1;
        return !wouldCoverMore;
    }

    /** How an item is turned where another lies: as near to how it is as it may be there; empty where it may not lie there. */
    private OptionalDouble turnAt(int item, int place) {
        var field = layout.field[place];
        var ways = layout.items.get(item).ways().get(field);
        if (ways.none()) return OptionalDouble.empty();
        var turn = layout.bodies[item].turn;
        var isFlipped = layout.flipped[item];
        var course = course(item, place, turn);
        var range = ways.at(turn, isFlipped, course);
        var settled = ways.settled(range, turn, course);
        return range.flipped() == isFlipped && ways.suit(settled, isFlipped, course(item, place, settled))
                ? OptionalDouble.of(settled)
                : OptionalDouble.empty();
    }

    private double course(int item, int place, double turn) {
        var body = layout.bodies[place];
        return layout.course(item, layout.field[place], body.x, body.y, turn, layout.flipped[item]);
    }

    private double area(int item) {
        return layout.items.get(item).plain().area;
    }
}
