package welumen.files.plan;

import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.diary.plan.DayLine;
import welumen.files.json.CsvField;

/** The days as a table, one task a line. */
public final class DaysCsv {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("uuuu-MM-dd HH:mm");

    private DaysCsv() {}

    public static String write(List<DayLine> lines) {
        return Stream.concat(Stream.of("start,end,what,car,who"), lines.stream().map(DaysCsv::line))
                .collect(Collectors.joining("\r\n", "", "\r\n"));
    }

    private static String line(DayLine line) {
        return Stream.of(
                        TIME.format(line.start()),
                        TIME.format(line.end()),
                        CsvField.words(line.what()),
                        CsvField.words(line.car()),
                        CsvField.words(String.join("; ", line.who())))
                .map(CsvField::quoted)
                .collect(Collectors.joining(","));
    }
}
