package welumen.treatment.fit;

import java.util.ArrayList;
import java.util.List;
import welumen.cabin.Part;
import welumen.measure.Finish;
import welumen.measure.Lengths;
import welumen.survey.Station;
import welumen.survey.Station.Verdict;
import welumen.treatment.Matter;
import welumen.treatment.Terms;
import welumen.treatment.Treatment;

/** What can be done once a bought part has been measured: trim it, let in what is short, or make it; each with its price. */
public final class Routes {
    private static final double TRIMMED_HOURS = 0.15;
    private static final double SENT_BACK_HOURS = 0.3;
    private static final double LET_IN_HOURS = 0.75;
    private static final double LET_IN_MATERIAL = 6;

    /** Width in mm beyond which a strip that is let in is a seam in the open. */
    private static final double MOST_LET_IN_MM = 60;

    /**
     * @param isOpen whether it leads anywhere, by what was measured
     * @param why it does not, or what to mind
     */
    public record Route(
            String word, double hours, double cost, Finish finish, double days, boolean isOpen, String why) {}

    private Routes() {}

    /** @param bought whether the part has been paid for already: then making it pays for both */
    public static List<Route> of(
            Part part, List<Station> stations, boolean entersKeepOut, boolean bought, Terms terms) {
        var area = part.kind().outline().area() / 1e6;
        var matter = Matter.of(part);
        var price = terms.prices().boughtIn(Treatment.BUY_REPRODUCTION, area);
        var fitting = terms.hours()
                .of(List.of(Treatment.BUY_REPRODUCTION), part.kind())
                .likely();
        var making = terms.hours().of(List.of(Treatment.MAKE_NEW), part.kind()).likely();
        var trims = count(stations, Verdict.TRIM);
        var shorts = count(stations, Verdict.SHORT);
        var worst = stations.stream().mapToDouble(Station::showsMm).max().orElse(0);
        var hour = terms.prices().hour();
        var routes = new ArrayList<Route>();
        var trim = fitting + TRIMMED_HOURS * trims;
        var noTrim = shorts > 0
                ? "%s short where nothing covers it: what is short cannot be trimmed".formatted(Lengths.near(worst))
                : keepOut(entersKeepOut);
        routes.add(new Route(
                trims == 0 ? "lay it in as it is" : "trim it and lay it in",
                trim,
                price + trim * hour,
                Treatment.BUY_REPRODUCTION.best(),
                Treatment.BUY_REPRODUCTION.waitingDays(),
                noTrim.isEmpty(),
                noTrim.isEmpty() ? cut(stations) : noTrim));
        if (shorts > 0) {
            var letIn = trim + LET_IN_HOURS * shorts;
            var tooFar = worst > MOST_LET_IN_MM
                    ? "%s is too far for a strip".formatted(Lengths.near(worst))
                    : keepOut(entersKeepOut);
            routes.add(new Route(
                    "let in strips where it is short",
                    letIn,
                    price + letIn * hour + LET_IN_MATERIAL * shorts,
                    new Finish(2.5),
                    Treatment.BUY_REPRODUCTION.waitingDays() + 1,
                    tooFar.isEmpty(),
                    tooFar.isEmpty() ? "seams where none were; see that no function is taken away" : tooFar));
        }
        if (bought)
            routes.add(new Route(
                    "send it back, and make it",
                    SENT_BACK_HOURS + making,
                    (SENT_BACK_HOURS + making) * hour + terms.prices().materials(Treatment.MAKE_NEW, matter, area),
                    Treatment.MAKE_NEW.best(),
                    Treatment.MAKE_NEW.waitingDays(),
                    true,
                    "what was cut, or laid in with glue, is not taken back: claim before it is touched"));
        routes.add(new Route(
                "make it",
                making,
                (bought ? price : 0) + making * hour + terms.prices().materials(Treatment.MAKE_NEW, matter, area),
                Treatment.MAKE_NEW.best(),
                Treatment.MAKE_NEW.waitingDays(),
                true,
                bought ? "what was paid for the bought one is lost" : ""));
        return routes;
    }

    /** What is cut off where it is long, and that the cut is bound; empty where nothing is. */
    private static String cut(List<Station> stations) {
        var longest = stations.stream()
                .filter(one -> one.verdict() == Verdict.TRIM)
                .mapToDouble(Station::overMm)
                .max();
        return longest.isEmpty()
                ? ""
                : "%s cut off at the most, and bound where the cut shows"
                        .formatted(Lengths.near(longest.getAsDouble()));
    }

    private static String keepOut(boolean enters) {
        return enters ? "it reaches into a place that must stay free" : "";
    }

    private static int count(List<Station> stations, Verdict verdict) {
        return (int) stations.stream().filter(one -> one.verdict() == verdict).count();
    }
}
