package welumen.pattern.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import welumen.cabin.PartId;
import welumen.measure.Parsed.Refused;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Run;
import welumen.shape.Shape;

/**
 * A piece of a pattern: edges that follow each other counter-clockwise, the last back to the first.
 *
 * @param id its name within the job
 * @param part the part that it covers
 * @param grade the worst grade of leather it may lie on, 1 best to 4; 0 where its material has no grades
 * @param face which side of the material it is drawn from
 * @param under what it is glued to
 */
public record Piece(
        String id,
        PartId part,
        String name,
        String material,
        Pairing pairing,
        int grade,
        Grain grain,
        Face face,
        Under under,
        List<Edge> edges,
        Inside inside) {
    /** A piece drawn face up, with nothing in it. */
    public Piece(
            String id,
            PartId part,
            String name,
            String material,
            Pairing pairing,
            int grade,
            Grain grain,
            Under under,
            List<Edge> edges) {
        this(id, part, name, material, pairing, grade, grain, Face.UP, under, edges, Inside.NOTHING);
    }

    /** @throws IllegalArgumentException if the finished line is no outline that runs counter-clockwise, or the grade not from 0 to 4 */
    public Piece {
        edges = List.copyOf(edges);
        if (grade < 0 || grade > 4)
            throw new IllegalArgumentException("The grade [%d] of [%s] is not from 0 to 4.".formatted(grade, name));
        if (Outline.ofRing(points(edges)) instanceof Refused<Outline>(var why))
            throw new IllegalArgumentException("The line of [%s] %s.".formatted(name, why));
        var fault = Planar.fault(new Shape(new Outline(points(edges)), inside.holes()));
        if (fault.isPresent()) throw new IllegalArgumentException("The piece [%s]: %s".formatted(name, fault.get()));
    }

    /** The finished line. */
    public Outline net() {
        return new Outline(points(edges));
    }

    /** The same piece with one edge finished otherwise; the cutting line follows. */
    public Piece withEdge(int index, EdgeFinish finish, double allowanceMm) {
        var changed = new ArrayList<>(edges);
        changed.set(index, edges.get(index).finished(finish, allowanceMm));
        return withEdges(changed);
    }

    /** The same piece within other edges. */
    public Piece withEdges(List<Edge> others) {
        return new Piece(id, part, name, material, pairing, grade, grain, face, under, others, inside);
    }

    /** The same piece with other things in it. */
    public Piece with(Inside other) {
        return new Piece(id, part, name, material, pairing, grade, grain, face, under, edges, other);
    }

    /** The same piece lying another way on its material. */
    public Piece with(Grain other) {
        return new Piece(id, part, name, material, pairing, grade, other, face, under, edges, inside);
    }

    public Piece with(Face other) {
        return new Piece(id, part, name, material, pairing, grade, grain, other, under, edges, inside);
    }

    public Piece with(Pairing other) {
        return new Piece(id, part, name, material, other, grade, grain, face, under, edges, inside);
    }

    /** The same piece under another name and the name within the job that comes of it: its edges are another piece's then. */
    public Piece named(String other) {
        var otherId = idOf(part, other);
        var own = otherId.equals(id) ? edges : edges.stream().map(Edge::another).toList();
        return new Piece(otherId, part, other, material, pairing, grade, grain, face, under, own, inside);
    }

    /** What it is cut from and how it lies. */
    public Makeup makeup() {
        return new Makeup(material, grade, grain, under);
    }

    /** The same piece cut from something else, or lying another way. */
    public Piece madeOf(Makeup other) {
        return new Piece(
                id,
                part,
                name,
                other.material(),
                pairing,
                other.grade(),
                other.grain(),
                face,
                other.under(),
                edges,
                inside);
    }

    /** Cut out of it, without an allowance. */
    public List<Outline> holes() {
        return inside.holes();
    }

    /** What an edge is called, or its number where it has no name. */
    public String edgeWord(int index) {
        var word = edges.get(index).name();
        return word.isEmpty() ? "edge " + (index + 1) : word;
    }

    /** The points of one edge with the corner at which it ends. */
    public List<Point> run(int index) {
        var run = new ArrayList<>(edges.get(index).line());
        run.add(edges.get((index + 1) % edges.size()).line().getFirst());
        return run;
    }

    /** The length of one edge along the finished line, in mm. */
    public double lengthMm(int index) {
        return new Run(run(index)).lengthMm();
    }

    /** The name within its job that a piece of a part gets. */
    public static String idOf(PartId part, String name) {
        return part + "-" + name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }

    private static List<Point> points(List<Edge> edges) {
        return edges.stream().flatMap(edge -> edge.line().stream()).toList();
    }
}
