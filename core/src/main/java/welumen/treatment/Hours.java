package welumen.treatment;

/** Hours of work: low, likely, high. */
public record Hours(double low, double likely, double high) {
    public Hours {
        if (!(0 <= low && low <= likely && likely <= high && high < 1e6))
            throw new IllegalArgumentException(
                    "The hours [%s, %s, %s] do not rise from nought.".formatted(low, likely, high));
    }

    public Hours times(double factor) {
        return new Hours(low * factor, likely * factor, high * factor);
    }

    public Hours plus(Hours other) {
        return new Hours(low + other.low, likely + other.likely, high + other.high);
    }
}
