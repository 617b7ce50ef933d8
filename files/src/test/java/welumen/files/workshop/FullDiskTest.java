package welumen.files.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Random;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import welumen.journal.StoreException;

/** On a disk of a few megabytes that runs full at every step; scripts/fuzz makes one, where it may. */
@EnabledIfSystemProperty(named = "full.disk", matches = ".+")
class FullDiskTest {
    private static final LocalDate DAY = LocalDate.of(2026, 4, 14);

    private final Path disk = Path.of(System.getProperty("full.disk", "."));
    private final Random random = new Random(20260414);

    private static byte[] noise(Random random) throws IOException {
        var image = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
        for (var x = 0; x < 400; x++) for (var y = 0; y < 300; y++) image.setRGB(x, y, random.nextInt(1 << 24));
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private long room() throws IOException {
        return Files.getFileStore(disk).getUsableSpace();
    }

    /** Fills the disk but for so much. */
    private void leave(long room) throws IOException {
        Files.deleteIfExists(disk.resolve("filler"));
        var more = room() - room;
        if (more > 0) Files.write(disk.resolve("filler"), new byte[(int) more]);
    }

    @Test
    void whateverDoesNotFitIsSaidAndTakesNoRoom() throws IOException {
        var folder = disk.resolve("workshop");
        var acknowledged = 0;
        for (var round = 0; round < 60; round++) {
            leave(2048L * round);
            try (var workshop = WorkshopFolder.open(folder)) {
                var log = workshop.job(Burst.JOB, Clock.systemUTC());
                assertThat(log.entries()).hasSizeGreaterThanOrEqualTo(acknowledged);
                acknowledged = log.entries().size();
                for (var i = 0; i < 40; i++) {
                    log.make(Burst.change(acknowledged + 1), "Ada");
                    acknowledged++;
                }
                workshop.photos().keep(noise(random), "noise.png");
                workshop.keepPaper("paper", new byte[100_000]);
                workshop.backUp(DAY.plusDays(round));
            } catch (StoreException full) {
                assertThat(full.getMessage()).as("round %d", round).containsAnyOf("the disk is full", "No space left");
                assertThat(full.getMessage())
                        .doesNotContain("transaction is active")
                        .doesNotContain("damaged");
            }
            assertThat(folder).isDirectoryNotContaining("glob:**.half");
        }
        leave(10L << 20);
        try (var workshop = WorkshopFolder.open(folder)) {
            assertThat(workshop.examine(UUID::toString, ZoneOffset.UTC)).isEmpty();
            var log = workshop.job(Burst.JOB, Clock.systemUTC());
            assertThat(log.entries()).hasSizeGreaterThanOrEqualTo(acknowledged);
            WholeFile.clear(folder, Instant.now().plusSeconds(3600));
            log.make(Burst.change(log.entries().size() + 1), "Ada");
        }
    }
}
