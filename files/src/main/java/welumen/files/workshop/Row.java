package welumen.files.workshop;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HexFormat;
import java.util.UUID;

/**
 * An entry as the file has it. Its sum is over all of it and over the sum of the one before, so that what was changed, left
 * out or put in between is noticed.
 *
 * @param sum empty on what was written before there were sums
 */
record Row(
        String stream,
        long sequence,
        String at,
        String author,
        String note,
        int version,
        String body,
        String beside,
        String sum) {
    static final String COLUMNS = "stream, sequence, at, author, note, version, body, beside, sum";

    /** Sixteen bytes tell any damage from none. */
    private static final int BYTES = 16;

    static Row of(ResultSet row) throws SQLException {
        return new Row(
                row.getString(1),
                row.getLong(2),
                row.getString(3),
                row.getString(4),
                row.getString(5),
                row.getInt(6),
                row.getString(7),
                row.getString(8),
                row.getString(9));
    }

    UUID log() {
        return log(stream);
    }

    /** A name that is damaged is that of a log of its own, in which all before it is missing. */
    static UUID log(String stream) {
        try {
            return UUID.fromString(stream);
        } catch (IllegalArgumentException damaged) {
            return UUID.nameUUIDFromBytes(stream.getBytes(StandardCharsets.UTF_8));
        }
    }

    /** The same, its sum reckoned. @param before the sum of the entry before; empty for the first */
    Row summed(String before) {
        return new Row(stream, sequence, at, author, note, version, body, beside, sum(before));
    }

    /** Whether nothing of it was changed, and the one before it is the one that was before it. */
    boolean isWhole(String before) {
        return sum.equals(sum(before));
    }

    private String sum(String before) {
        try {
            var digest = MessageDigest.getInstance("SHA-256");
            for (var field : new String[] {
                before, stream, Long.toString(sequence), at, author, note, Integer.toString(version), body, beside
            }) {
                var bytes = field.getBytes(StandardCharsets.UTF_8);
                digest.update(Integer.toString(bytes.length).getBytes(StandardCharsets.UTF_8));
                digest.update((byte) ':');
                digest.update(bytes);
            }
            return HexFormat.of().formatHex(digest.digest(), 0, BYTES);
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }

    void write(PreparedStatement insert) throws SQLException {
        insert.setString(1, stream);
        insert.setLong(2, sequence);
        insert.setString(3, at);
        insert.setString(4, author);
        insert.setString(5, note);
        insert.setInt(6, version);
        insert.setString(7, body);
        insert.setString(8, beside);
        insert.setString(9, sum);
        insert.executeUpdate();
    }
}
