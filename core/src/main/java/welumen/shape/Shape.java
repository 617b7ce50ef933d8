package welumen.shape;

import java.util.List;

/** An outline and the holes in it. That the holes lie inside and apart is for {@link Planar#fault} to say. */
public record Shape(Outline outline, List<Outline> holes) {
    public Shape {
        holes = List.copyOf(holes);
    }

    public Shape(Outline outline) {
        this(outline, List.of());
    }

    /** The area without the holes in mm². */
    public double area() {
        return outline.area() - holes.stream().mapToDouble(Outline::area).sum();
    }
}
