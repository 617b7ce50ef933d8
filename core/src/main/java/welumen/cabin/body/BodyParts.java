package welumen.cabin.body;

import java.util.List;
import welumen.cabin.Part;
import welumen.cabin.Side;

/** Fills a car with the parts that its body usually has, 60 to 120 of them. */
public final class BodyParts {
    private BodyParts() {}

    /**
     * The parts, floor before dash before roof, each side like the other but for the driver's.
     *
     * @param wheel the side on which the driver sits
     * @throws IllegalArgumentException if the wheel is in the middle
     */
    public static List<Part> of(Body body, Side wheel) {
        if (wheel == Side.MIDDLE) throw new IllegalArgumentException("The steering wheel is left or right.");
        var listing = new Listing();
        for (var side : List.of(Side.LEFT, Side.RIGHT)) {
            Sills.list(listing, body, side);
            Seats.listFront(listing, body, side);
            Doors.list(listing, body, side);
            Floors.list(listing, body, side);
        }
        Floors.listMiddle(listing, body, wheel);
        Seats.listAcross(listing, body);
        DashParts.list(listing, wheel);
        Roofs.list(listing, body);
        LoadSpaces.list(listing, body);
        return List.copyOf(listing.parts());
    }
}
