package welumen.cut.stock;

import welumen.shape.Outline;

/** A part of a hide that is all of one grade, 1 best to 4. It may reach over the hide's outline. */
public record GradeZone(int grade, Outline outline) {
    public GradeZone {
        if (grade < 1 || grade > 4)
            throw new IllegalArgumentException("The grade [%d] is not from 1 to 4.".formatted(grade));
    }
}
