package welumen.files.plan;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import welumen.schedule.Schedule;
import welumen.schedule.ScheduleProblem;
import welumen.schedule.forecast.Forecast;

/** Writes {@code welumen-plan/1}. */
public final class PlanResultWriter {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final DateTimeFormatter MINUTE = DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm");
    private static final DateTimeFormatter SECOND = DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm:ss");

    private PlanResultWriter() {}

    public static String write(ScheduleProblem problem, Schedule schedule, Forecast forecast) {
        var file = MAPPER.createObjectNode();
        file.put("format", "welumen-plan/1");
        var tasks = file.putArray("tasks");
        for (var booking : schedule.bookings())
            tasks.addObject()
                    .put("id", booking.id())
                    .put("start", time(booking.start()))
                    .put("end", time(booking.end()))
                    .put("critical", share(forecast.critical().getOrDefault(booking.id(), 0.0)));
        file.put("end", time(schedule.end()));
        file.put("bound", time(schedule.bound()));
        file.put("optimal", schedule.isOptimal());
        file.putObject("finish")
                .put("p50", day(forecast.all().by(0.5)))
                .put("p80", day(forecast.all().by(0.8)))
                .put("p95", day(forecast.all().by(0.95)));
        problem.due().ifPresent(due -> file.put("onTime", share(forecast.all().chanceOf(due))));
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(file) + "\n";
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** To the minute, or to the second where it is not a whole one. */
    private static String time(LocalDateTime time) {
        return time.format(time.getSecond() == 0 ? MINUTE : SECOND);
    }

    private static String day(LocalDateTime time) {
        return time.toLocalDate().toString();
    }

    private static double share(double share) {
        return Math.round(share * 1e4) / 1e4;
    }
}
