package welumen.files.photo;

/** How often a JPEG draws over itself: each scan takes as long as the whole picture. */
final class JpegScans {
    /** A camera's have one, finely refined ones about ten. */
    static final int MOST = 60;

    private static final int MARKER = 0xFF;
    private static final int START_OF_SCAN = 0xDA;

    private JpegScans() {}

    /** Nought for what is no JPEG. What a camera wrote beside the picture may make it a few more. */
    static int count(byte[] content) {
        if (content.length < 2 || (content[0] & 0xFF) != MARKER || (content[1] & 0xFF) != 0xD8) return 0;
        var scans = 0;
        for (var i = 2; i + 1 < content.length; i++)
            if ((content[i] & 0xFF) == MARKER && (content[i + 1] & 0xFF) == START_OF_SCAN) scans++;
        return scans;
    }
}
