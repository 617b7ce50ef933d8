package welumen.evidence;

import welumen.shape.Point;

/** A mark drawn over a photo and kept as data. Places are shares of its width and height, from its upper left, 0 to 1. */
public sealed interface PhotoMark {
    record Arrow(Point from, Point to) implements PhotoMark {}

    /** @param radius as a share of the photo's width */
    record Ring(Point centre, double radius) implements PhotoMark {}

    record Numbered(Point at, int number) implements PhotoMark {}

    record Written(Point at, String text) implements PhotoMark {}
}
