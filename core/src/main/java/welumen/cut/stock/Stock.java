package welumen.cut.stock;

import java.util.List;
import welumen.shape.Outline;
import welumen.shape.Pose;
import welumen.shape.Shape;

/** What pieces are cut from. */
public sealed interface Stock {
    double MM_PER_M = 1000;

    /** What a flat stock is. */
    enum Kind {
        HIDE("hide"),
        SHEET("sheet"),
        OFFCUT("offcut");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    String id();

    /** Empty where it has none; then it takes the pieces that ask for none. */
    String material();

    /** The whole of it, its holes being flaws. */
    Shape shape();

    /** The same under another name. */
    Stock called(String other);

    /** The same, of another material or lot, or bought at another price: of a roll that of a metre, of all else of the whole. */
    Stock bought(String otherMaterial, Lot otherLot, double price);

    /** What {@link #bought} takes as its price. */
    double price();

    /** The same with other flaws. */
    Stock flawed(List<Outline> flaws);

    /** How long a strip can be cut from it: the longer way of its box. */
    default double longestMm() {
        var box = shape().outline().box();
        return Math.max(box.width(), box.height());
    }

    Stretch stretch();

    /** The grade where no zone lies. */
    int grade();

    /** Later zones lie over earlier ones. */
    List<GradeZone> zones();

    /** What opening it costs. */
    double cost();

    /** What a plan pays for it: of a roll the length that is used, in mm; of all else the whole. */
    default double costOf(double usedLengthMm) {
        return switch (this) {
            case Hide hide -> hide.cost();
            case Roll roll -> roll.costPerMetre() * usedLengthMm / MM_PER_M;
        };
    }

    /** Of which delivery it is. */
    Lot lot();

    /**
     * @param kind a whole hide, a sheet of board or foam, or what is left of either
     * @param shape its holes are flaws
     */
    record Hide(
            String id,
            String material,
            Kind kind,
            Lot lot,
            Shape shape,
            int grade,
            List<GradeZone> zones,
            Stretch stretch,
            double cost)
            implements Stock {
        /** A whole hide of which no more is known. */
        public Hide(
                String id,
                String material,
                Shape shape,
                int grade,
                List<GradeZone> zones,
                Stretch stretch,
                double cost) {
            this(id, material, Kind.HIDE, Lot.UNKNOWN, shape, grade, zones, stretch, cost);
        }

        @Override
        public Hide bought(String otherMaterial, Lot otherLot, double price) {
            return new Hide(id, otherMaterial, kind, otherLot, shape, grade, zones, stretch, price);
        }

        @Override
        public double price() {
            return cost;
        }

        @Override
        public Hide called(String other) {
            return new Hide(other, material, kind, lot, shape, grade, zones, stretch, cost);
        }

        @Override
        public Hide flawed(List<Outline> flaws) {
            return shaped(new Shape(shape.outline(), flaws), zones);
        }

        /** The same as it was found to be, with other flaws and grades. */
        public Hide shaped(Shape found, List<GradeZone> grades) {
            return new Hide(id, material, kind, lot, found, grade, grades, stretch, cost);
        }

        /** The same as it was found to stretch. */
        public Hide stretching(Stretch found) {
            return new Hide(id, material, kind, lot, shape, grade, zones, found, cost);
        }

        /** The same with its grades drawn otherwise. */
        public Hide zoned(List<GradeZone> others) {
            return shaped(shape, others);
        }

        public Hide {
            zones = List.copyOf(zones);
            if (grade < 1 || grade > 4)
                throw new IllegalArgumentException("The grade [%d] is not from 1 to 4.".formatted(grade));
            if (!(cost >= 0)) throw new IllegalArgumentException("The cost [%s] is below nought.".formatted(cost));
        }
    }

    /**
     * Cloth or carpet from a roll: x runs along its length from the cut end, y across; nap runs toward +x.
     *
     * @param width with both selvedges, in mm
     * @param repeatX the length after which its pattern repeats, in mm; nought if it has none
     * @param selvedge how much along either edge is not used, in mm
     * @param flaws may reach over its edges
     */
    record Roll(
            String id,
            String material,
            Lot lot,
            double width,
            double length,
            double costPerMetre,
            double repeatX,
            double repeatY,
            double selvedge,
            List<Outline> flaws)
            implements Stock {
        /** A sound one. */
        public Roll(
                String id,
                String material,
                Lot lot,
                double width,
                double length,
                double costPerMetre,
                double repeatX,
                double repeatY,
                double selvedge) {
            this(id, material, lot, width, length, costPerMetre, repeatX, repeatY, selvedge, List.of());
        }

        /** A sound one of whose lot no more is known, and which is used from edge to edge. */
        public Roll(
                String id,
                String material,
                double width,
                double length,
                double costPerMetre,
                double repeatX,
                double repeatY) {
            this(id, material, Lot.UNKNOWN, width, length, costPerMetre, repeatX, repeatY, 0);
        }

        @Override
        public Roll bought(String otherMaterial, Lot otherLot, double price) {
            return new Roll(id, otherMaterial, otherLot, width, length, price, repeatX, repeatY, selvedge, flaws);
        }

        @Override
        public double price() {
            return costPerMetre;
        }

        @Override
        public Roll called(String other) {
            return new Roll(other, material, lot, width, length, costPerMetre, repeatX, repeatY, selvedge, flaws);
        }

        @Override
        public Roll flawed(List<Outline> others) {
            return new Roll(id, material, lot, width, length, costPerMetre, repeatX, repeatY, selvedge, others);
        }

        /** A sound one of the same goods and of another length. */
        public Roll left(String as, double leftMm) {
            return new Roll(as, material, lot, width, leftMm, costPerMetre, repeatX, repeatY, selvedge);
        }

        /** Between the selvedges, in mm. */
        public double usableWidth() {
            return width - 2 * selvedge;
        }

        /** Whether a rectangle could be cut from it, one way or the other, were it sound. */
        public boolean has(double longMm, double wideMm) {
            return Math.max(length, usableWidth()) >= longMm && Math.min(length, usableWidth()) >= wideMm;
        }

        public Roll {
            flaws = List.copyOf(flaws);
            if (!(width > 0 && length > 0 && Double.isFinite(width) && Double.isFinite(length)))
                throw new IllegalArgumentException("The roll of [%s × %s mm] has no area.".formatted(width, length));
            if (!(selvedge >= 0 && 2 * selvedge < width))
                throw new IllegalArgumentException(
                        "A selvedge of [%s mm] leaves nothing of a roll [%s mm] wide.".formatted(selvedge, width));
            if (!(costPerMetre >= 0))
                throw new IllegalArgumentException("The cost [%s] is below nought.".formatted(costPerMetre));
        }

        @Override
        public Shape shape() {
            return new Shape(new Pose(0, selvedge, 0, false).apply(Outline.rectangle(length, usableWidth())), flaws);
        }

        @Override
        public Stretch stretch() {
            return new Stretch.Any();
        }

        @Override
        public int grade() {
            return 1;
        }

        @Override
        public List<GradeZone> zones() {
            return List.of();
        }

        /** A roll is paid by the metre used, not for being opened. */
        @Override
        public double cost() {
            return 0;
        }
    }
}
