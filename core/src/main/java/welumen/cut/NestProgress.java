package welumen.cut;

/** Told on a searching thread after each round. */
public interface NestProgress {
    /** @param best the best valid plan so far */
    void advanced(long rounds, CutPlan best);
}
