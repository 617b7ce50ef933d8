package welumen.files.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import welumen.files.json.BadFile;
import welumen.shape.Point;

/** The straight lines of a path's data, absolute or relative; y up. Curves are refused, never guessed. */
final class SvgPath {
    private static final Pattern TOKEN =
            Pattern.compile("([A-Za-z])|([-+]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][-+]?\\d+)?)|([\\s,]+)");
    private static final double FARTHEST_MM = 100_000;
    private static final int MOST = 200_000;

    private SvgPath() {}

    static List<Point> points(String data, int line) throws BadFile {
        var points = new ArrayList<Point>();
        var numbers = new ArrayList<Double>();
        var command = 'M';
        var token = TOKEN.matcher(data);
        var end = 0;
        while (token.find()) {
            if (token.start() != end) throw wrong(data, end, line);
            end = token.end();
            if (token.group(1) != null) {
                if (!numbers.isEmpty()) throw wrong(data, token.start(), line);
                command = token.group(1).charAt(0);
                if ("MLHVZmlhvz".indexOf(command) < 0)
                    throw new BadFile("line %d: the path holds a curve (%s). Save it with straight lines only."
                            .formatted(line, command));
            } else if (token.group(2) != null) {
                numbers.add(number(token.group(2), line));
                command = moved(command, numbers, points);
                if (points.size() > MOST) throw new BadFile("line %d: the path has too many points.".formatted(line));
            }
        }
        if (end != data.length() || !numbers.isEmpty()) throw wrong(data, Math.min(end, data.length() - 1), line);
        return points;
    }

    /** Takes as many numbers as the command wants, and says how the next ones are read. */
    private static char moved(char command, List<Double> numbers, List<Point> points) {
        var last = points.isEmpty() ? new Point(0, 0) : points.getLast();
        switch (command) {
            case 'H' -> points.add(new Point(numbers.getFirst(), last.y()));
            case 'h' -> points.add(new Point(last.x() + numbers.getFirst(), last.y()));
            case 'V' -> points.add(new Point(last.x(), -numbers.getFirst()));
            case 'v' -> points.add(new Point(last.x(), last.y() - numbers.getFirst()));
            default -> {
                if (numbers.size() < 2) return command;
                var to = new Point(numbers.get(0), -numbers.get(1));
                points.add(Character.isLowerCase(command) ? last.plus(to) : to);
            }
        }
        numbers.clear();
        return command == 'M' ? 'L' : command == 'm' ? 'l' : command;
    }

    private static double number(String text, int line) throws BadFile {
        var number = Double.parseDouble(text);
        if (!(Math.abs(number) <= FARTHEST_MM))
            throw new BadFile("line %d: %s is no length that a pattern has.".formatted(line, text));
        return number;
    }

    private static BadFile wrong(String data, int at, int line) {
        return new BadFile("line %d: the path's data cannot be read from “%s” on."
                .formatted(line, data.substring(at, Math.min(data.length(), at + 20))));
    }
}
