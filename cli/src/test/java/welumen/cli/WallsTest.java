package welumen.cli;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
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
        for (var stage :
                new String[] {"intake", "strip", "survey", "pattern", "cut", "stores", "diary", "refit", "handover"})
            noClasses()
                    .that()
                    .resideInAPackage("welumen.desktop." + stage + "..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(others(stage))
                    .check(ALL);
    }

    private static String[] others(String stage) {
        return java.util.stream.Stream.of(
                        "frame", "intake", "strip", "survey", "pattern", "cut", "stores", "diary", "refit", "handover")
                .filter(one -> !one.equals(stage))
                .map("welumen.desktop.%s.."::formatted)
                .toArray(String[]::new);
    }
}
