package welumen.files.report;

import java.io.IOException;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.stream.Collectors;
import welumen.finish.Recipe;
import welumen.finish.reading.Readings;
import welumen.job.Job;

/** The card that stays with a tin: what is in it by weight, from which lots, to which colour, and how its patch read. */
public final class RecipePdf {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.UK);

    private RecipePdf() {}

    public static byte[] write(Job job, Recipe recipe, String workshop) {
        try (var paper = new WrittenPage(workshop)) {
            paper.title("Recipe: " + recipe.title());
            Head.write(paper, job);
            paper.line("Mixed on", DAY.format(recipe.on()));
            if (!recipe.parts().isEmpty())
                paper.line(
                        "For",
                        recipe.parts().stream()
                                .map(part -> job.cabin().named(part).name())
                                .collect(Collectors.joining(", ")));
            paper.heading("By weight");
            for (var weighed : recipe.grams().entrySet()) {
                var lot = recipe.lots().get(weighed.getKey());
                paper.line(
                        weighed.getKey(),
                        String.format(
                                Locale.UK,
                                "%.1f g of %.0f g, %.2f %%%s",
                                weighed.getValue(),
                                recipe.whole(),
                                100 * weighed.getValue() / recipe.whole(),
                                lot == null ? "" : ", lot " + lot));
            }
            paper.heading("Colour");
            read(paper, job.finish().readings(), "To", recipe.target());
            read(paper, job.finish().readings(), "Dry patch", recipe.patch());
            paper.line(
                    "Difference", String.format(Locale.UK, "%.1f expected (CIEDE2000, D65, 10°)", recipe.difference()));
            paper.line("", "Another batch of a tint is another colour: spray a card, let it dry, and read it.");
            return paper.finish();
        } catch (IOException fault) {
            throw new IllegalStateException("The recipe could not be printed: " + fault.getMessage(), fault);
        }
    }

    private static void read(WrittenPage paper, Readings readings, String word, String id) throws IOException {
        var reading = readings.find(id);
        if (reading.isEmpty()) return;
        var lab = reading.get().lab();
        paper.line(
                word,
                String.format(
                        Locale.UK,
                        "%s: L* %.1f, a* %.1f, b* %.1f, %s",
                        reading.get().what(),
                        lab.l(),
                        lab.a(),
                        lab.b(),
                        reading.get().how().word()));
    }
}
