package welumen.cli;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The walls between the modules, seen from where all of them are in sight. */
class WallsTest {
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("welumen");

    @Test
    void onlyTheDesktopAndTheProgramKnowTheWindow() {
        noClasses()
                .that()
                .resideOutsideOfPackages("welumen.desktop..", "welumen.cli..", "welumen.bench..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx..")
                .check(ALL);
    }

    @Test
    void noViewReadsATable() {
        noClasses()
                .that()
                .resideOutsideOfPackages("welumen.files..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.sql..", "org.sqlite..", "org.flywaydb..")
                .check(ALL);
    }

    @Test
    void viewModelsHaveNoNodes() {
        noClasses()
                .that()
                .resideInAPackage("welumen.desktop.model..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx.scene..", "javafx.stage..")
                .check(ALL);
    }

    @Test
    void filesKnowNeitherStandinsNorWindow() {
        noClasses()
                .that()
                .resideInAPackage("welumen.files..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("welumen.standins..", "welumen.desktop..", "welumen.cli..")
                .check(ALL);
        noClasses()
                .that()
                .resideInAPackage("welumen.standins..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("welumen.desktop..", "welumen.cli..")
                .check(ALL);
    }

    @Test
    void noStageKnowsAnother() {
        var stages = stages();
        assertThat(stages).contains("strip", "cut", "yard");
        for (var stage : stages)
            noClasses()
                    .that()
                    .resideInAPackage("welumen.desktop." + stage + "..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(Stream.concat(Stream.of("frame", "door"), stages.stream())
                            .filter(one -> !one.equals(stage))
                            .map("welumen.desktop.%s.."::formatted)
                            .toArray(String[]::new))
                    .check(ALL);
    }

    /** What of the desktop is no ground on which the stages stand. */
    private static Set<String> stages() {
        return ALL.stream()
                .map(one -> one.getPackageName().split("[.]"))
                .filter(names -> names.length > 2 && names[1].equals("desktop"))
                .map(names -> names[2])
                .filter(name ->
                        !Set.of("door", "frame", "look", "model", "stage").contains(name))
                .collect(Collectors.toCollection(TreeSet::new));
    }
}
