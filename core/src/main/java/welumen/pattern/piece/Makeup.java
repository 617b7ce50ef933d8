package welumen.pattern.piece;

/**
 * What a piece is cut from and how it lies: all of it taken from its part at first, and all of it can be changed.
 *
 * @param material as stock names it
 * @param grade the worst grade of leather it may lie on, 1 best to 4; 0 where the material has no grades
 * @param under what it is glued to
 */
public record Makeup(String material, int grade, Grain grain, Under under) {
    /** Of middling leather that lies on nothing, any way. */
    public static Makeup plain(String material) {
        return new Makeup(material, 2, new Grain.AnyWay(), Under.NOTHING);
    }

    /** Whether pieces of it are drawn with the front of the car up, as they lie on its floor. */
    public boolean isFrontUp() {
        return under == Under.FLOOR;
    }

    public Makeup of(String other) {
        return new Makeup(other, grade, grain, under);
    }

    public Makeup graded(int other) {
        return new Makeup(material, other, grain, under);
    }

    public Makeup lying(Grain other) {
        return new Makeup(material, grade, other, under);
    }

    public Makeup on(Under other) {
        return new Makeup(material, grade, grain, other);
    }
}
