package welumen.files.photo;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Set;

/**
 * The chunks of a PNG that are needed to draw it. Texts and colour profiles are packed, and a small file may hold gigabytes of
 * them, which the picture library unpacks without being asked.
 */
final class PngChunks {
    private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10};
    private static final Set<String> PACKED = Set.of("zTXt", "iTXt", "tEXt", "iCCP");

    /** Length, name and check of each. */
    private static final int AROUND = 12;

    private PngChunks() {}

    /** The same without what is packed beside the picture; what is no PNG, or ends early, as it is. */
    static byte[] needed(byte[] content) {
        if (!isPng(content)) return content;
        var out = new ByteArrayOutputStream(content.length);
        out.write(content, 0, SIGNATURE.length);
        var at = SIGNATURE.length;
        while (at + AROUND <= content.length) {
            var length = ByteBuffer.wrap(content, at, 4).getInt();
            if (length < 0 || length > content.length - at - AROUND) break;
            var name = new String(content, at + 4, 4, StandardCharsets.US_ASCII);
            if (!PACKED.contains(name)) out.write(content, at, AROUND + length);
            at += AROUND + length;
        }
        out.write(content, at, content.length - at);
        return out.toByteArray();
    }

    private static boolean isPng(byte[] content) {
        if (content.length < SIGNATURE.length) return false;
        for (var i = 0; i < SIGNATURE.length; i++) if (content[i] != SIGNATURE[i]) return false;
        return true;
    }
}
