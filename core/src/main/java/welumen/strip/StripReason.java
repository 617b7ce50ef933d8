package welumen.strip;

/** Why a part could not come off before another. */
public enum StripReason {
    COVERED_BY("is covered by", RefitReason.OVERLAPS),
    FIXED_THROUGH("is fixed through", RefitReason.SHARED_FIXING),
    TRAPPED_BEHIND("is trapped behind", RefitReason.CANNOT_PASS_LATER),
    FOULS("fouls", RefitReason.TOOL_ACCESS),
    BUILT_INTO("is built into", RefitReason.BUILT_IN);

    private final String verb;
    private final RefitReason refit;

    StripReason(String verb, RefitReason refit) {
        this.verb = verb;
        this.refit = refit;
    }

    /** “is covered by”, to be followed by the other part. */
    public String verb() {
        return verb;
    }

    /** What it says of going back, until somebody notes otherwise. */
    public RefitReason refit() {
        return refit;
    }
}
