package welumen.yard;

/** What somebody can be given to do. */
public enum Skill {
    STRIPPING("taking off and putting back"),
    PATTERNS("patterns"),
    CUTTING("cutting"),
    SEWING("sewing"),
    BOARDS("boards, foam and wrapping"),
    CARPETS("carpets and headlinings"),
    COLOUR("filling and colour"),
    ELECTRICS("electrics, as a competent person");

    private final String word;

    Skill(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
