package welumen.strip;

import welumen.cabin.PartId;

/** {@code first} goes in before {@code then}, because the later one laps it, shuts it out, and so on. */
public record RefitLink(PartId first, RefitReason reason, PartId then) {
    public RefitLink {
        if (first.equals(then))
            throw new IllegalArgumentException("The part [%s] cannot go in before itself.".formatted(first));
    }
}
