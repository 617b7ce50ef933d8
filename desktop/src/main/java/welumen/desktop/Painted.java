package welumen.desktop;

/** Hears how far a new window's painting is. Called on the JavaFX thread. */
public interface Painted {
    Painted NOBODY_ASKS = new Painted() {
        @Override
        public void answer() {}

        @Override
        public void whole() {}
    };

    /** The first stage's answer has been painted. */
    void answer();

    /** All the rest has been painted, too. */
    void whole();
}
