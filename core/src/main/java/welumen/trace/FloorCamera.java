package welumen.trace;

/** Takes a photo of a piece on the floor between targets. The workshop's own, or a stand-in for it. */
public interface FloorCamera {
    /**
     * @param subject whose old piece lies there, as “left front carpet”
     * @return a JPEG or PNG
     */
    byte[] above(String subject);
}
