package welumen.cut.firstfit;

/** How many turns a freely turning piece is tried in. */
enum Tries {
    /** As drawn and upside down: what is cut square stays square. */
    STRAIGHT,
    QUARTERS,
    /** The quarter turns and a few by chance. */
    MANY
}
