package welumen.strip.label;

import java.util.List;

/** Takes a photo of a label. The workshop's own camera, or a stand-in for it. */
public interface LabelCamera {
    /**
     * @param printed the labels that there are, the newest last; a real camera need not be told
     * @return a JPEG or PNG of the one that lies before it
     */
    byte[] shoot(List<TrimLabel> printed);
}
