package welumen.files.full;

import java.io.IOException;
import welumen.shape.Box;
import welumen.shape.Point;

/** Something that is drawn at full size, over as many sheets as it takes. */
interface Drawing {
    String name();

    /** What stands below its name on the first sheet. */
    String facts();

    /** All of it, in mm. */
    Box box();

    void draw(FullPage page, Point shift) throws IOException;
}
