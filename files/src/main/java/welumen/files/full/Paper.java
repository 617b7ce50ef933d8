package welumen.files.full;

import java.util.List;

/** What is printed on, upright; a roll is as long as what is on it. */
public sealed interface Paper {
    double widthMm();

    double heightMm();

    String word();

    /** What is usually at hand; a roll takes the width of a plotter's. */
    List<Paper> USUAL = List.of(Sheet.A4, Sheet.A3, Sheet.LETTER, new Roll(610, 0), new Roll(914, 0));

    /** A cut sheet. */
    enum Sheet implements Paper {
        A4("A4", 210, 297),
        A3("A3", 297, 420),
        LETTER("Letter", 215.9, 279.4);

        private final String word;
        private final double widthMm;
        private final double heightMm;

        Sheet(String word, double widthMm, double heightMm) {
            this.word = word;
            this.widthMm = widthMm;
            this.heightMm = heightMm;
        }

        @Override
        public String word() {
            return word;
        }

        @Override
        public double widthMm() {
            return widthMm;
        }

        @Override
        public double heightMm() {
            return heightMm;
        }
    }

    /** From a roll of that width. */
    record Roll(double widthMm, double heightMm) implements Paper {
        @Override
        public String word() {
            return "Roll %.0f".formatted(widthMm);
        }
    }
}
