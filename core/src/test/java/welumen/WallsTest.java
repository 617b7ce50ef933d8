package welumen;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The walls of the core: no window, no table, no file, no clock of its own, and arrows that run one way. */
class WallsTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("welumen");

    /** The rooms in the order of the work; each may use only earlier ones. */
    private static final List<String> ROOMS = List.of(
            "measure",
            "colour",
            "journal",
            "clock",
            "care",
            "doubt",
            "shape",
            "trace",
            "cabin",
            "custody",
            "evidence",
            "intake",
            "strip",
            "survey",
            "treatment",
            "pattern",
            "cut",
            "yard",
            "finish",
            "stores",
            "refit",
            "schedule",
            "diary",
            "handover",
            "job",
            "whatif");

    @Test
    void theCoreKnowsNoWindowNoTableAndNoFile() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "javafx..",
                        "java.awt..",
                        "javax.swing..",
                        "java.sql..",
                        "java.io..",
                        "java.nio..",
                        "com.fasterxml..")
                .check(CORE);
    }

    @Test
    void theCoreHasNoClockOfItsOwn() {
        noClasses()
                .should()
                .callMethod(Instant.class, "now")
                .orShould()
                .callMethod(LocalDate.class, "now")
                .orShould()
                .callMethod(System.class, "currentTimeMillis")
                .check(CORE);
    }

    @Test
    void noRoomsFormACircle() {
        slices().matching("welumen.(*)..").should().beFreeOfCycles().check(CORE);
    }

    /** Not within a room either: a folder of one subject uses others, and none of them uses it. */
    @Test
    void noFoldersFormACircle() {
        slices().matching("welumen.(**)").should().beFreeOfCycles().check(CORE);
    }

    /** A new one is put in its place before anything is built in it. */
    @Test
    void everyRoomHasItsPlaceInTheOrder() {
        var rooms = CORE.stream()
                .map(one -> one.getPackageName().split("[.]"))
                .filter(names -> names.length > 1)
                .map(names -> names[1])
                .collect(Collectors.toSet());
        assertThat(ROOMS).doesNotHaveDuplicates().hasSameElementsAs(rooms);
    }

    @Test
    void noRoomUsesALaterOne() {
        for (var room = 0; room + 1 < ROOMS.size(); room++)
            noClasses()
                    .that()
                    .resideInAPackage("welumen." + ROOMS.get(room) + "..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(ROOMS.subList(room + 1, ROOMS.size()).stream()
                            .map(later -> "welumen." + later + "..")
                            .toArray(String[]::new))
                    .check(CORE);
    }
}
