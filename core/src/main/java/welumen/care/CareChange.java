package welumen.care;

/** What happens to cautions. */
public sealed interface CareChange {
    /**
     * Somebody has read a caution and said so; it is not shown again for work of this kind.
     *
     * @param work the kind of work, “seat off”
     */
    record CautionSeen(Caution caution, String work) implements CareChange {}
}
