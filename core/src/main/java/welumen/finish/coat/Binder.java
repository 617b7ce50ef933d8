package welumen.finish.coat;

import java.util.Optional;

/** What holds a coat together, and so what it bears over it. The product’s own sheet and a trial on a hidden face go first. */
public enum Binder {
    CELLULOSE("cellulose"),
    ACRYLIC("one-pack acrylic"),
    TWO_PACK("two-pack"),
    WATER("water-based"),
    FLEXIBLE("flexible dye or coating"),
    ENAMEL("enamel");

    private final String word;

    Binder(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** What speaks against this coat over another; empty where they go together. */
    public Optional<String> against(Binder under) {
        if (this == CELLULOSE && (under == ENAMEL || under == ACRYLIC || under == WATER))
            return Optional.of("its thinners lift %s".formatted(under.word));
        if (this == TWO_PACK && (under == ENAMEL || under == CELLULOSE))
            return Optional.of("%s beneath it shrinks and wrinkles for weeks".formatted(under.word));
        if ((this == TWO_PACK || this == CELLULOSE || this == ENAMEL) && under == FLEXIBLE)
            return Optional.of("it is hard on a coat that bends, and cracks");
        if (this == ACRYLIC && under == ENAMEL) return Optional.of("it lifts enamel that is not years old");
        return Optional.empty();
    }

    /** Whether it bends with what it is on. */
    public boolean isFlexible() {
        return this == FLEXIBLE;
    }
}
