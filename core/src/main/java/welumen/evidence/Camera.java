package welumen.evidence;

/** Takes a photo. The workshop's own, or a stand-in for it. */
public interface Camera {
    /**
     * @param subject what is in front of it, as “left sill cover”
     * @return a JPEG or PNG
     */
    byte[] shoot(String subject);
}
