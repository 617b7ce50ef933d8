package welumen.job;

import java.util.ArrayList;
import welumen.cabin.Part;
import welumen.cabin.PartState;
import welumen.measure.Many;

/**
 * How many parts are where. Each of these is counted here and nowhere else, so that no two screens differ.
 *
 * @param listed parts of this car
 * @param out came off by themselves and are not back; what is built into them is not counted again
 * @param onBench of those that are out: something is chosen for them, and not done
 * @param ready of those that are out: what was chosen is done
 * @param held held up, in the car or out of it
 * @param toGoBack of those that are out: all but those that are not to come back
 */
public record Counts(int listed, int out, int onBench, int ready, int held, int toGoBack) {
    public static Counts of(Job job) {
        var off = job.strip().off();
        var out =
                job.cabin().parts().stream().map(Part::id).filter(off::contains).toList();
        var done = (int) out.stream().filter(job.choices()::isDone).count();
        return new Counts(
                job.cabin().parts().size(),
                out.size(),
                (int) out.stream().filter(job.choices()::isOpen).count(),
                done,
                (int) job.states().values().stream()
                        .filter(state -> state == PartState.HELD)
                        .count(),
                (int) job.signOff().stillOut().stream().filter(out::contains).count());
    }

    /** “9 of 82 parts are out, 3 of them on the bench, 2 ready; 4 are held up.” */
    public String said() {
        var words = new StringBuilder();
        if (out == 0) words.append("%s, all in the car".formatted(Many.of(listed, "part")));
        else words.append("%d of %s %s out".formatted(out, Many.of(listed, "part"), out == 1 ? "is" : "are"));
        var ofThem = new ArrayList<String>();
        if (onBench > 0) ofThem.add(onBench + " on the bench");
        if (ready > 0) ofThem.add(ready + " ready");
        if (!ofThem.isEmpty()) words.append(", of them ").append(String.join(" and ", ofThem));
        if (held > 0) words.append("; %d %s held up".formatted(held, held == 1 ? "is" : "are"));
        return words.append('.').toString();
    }
}
