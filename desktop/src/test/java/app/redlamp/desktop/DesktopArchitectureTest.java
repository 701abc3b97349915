package app.redlamp.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.desktop.control.LampState;
import app.redlamp.desktop.station.StationBase;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import org.junit.jupiter.api.Test;

class DesktopArchitectureTest {
    private static final JavaClasses DESKTOP = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.redlamp.desktop");

    /** Guard: rules about nothing always hold. */
    @Test
    void theClassesWereSeen() {
        assertThat(DESKTOP).hasSizeGreaterThan(40);
        assertThat(DESKTOP.contain("app.redlamp.desktop.deliver.DeliverModel")).isTrue();
        assertThat(DESKTOP.stream().filter(c -> c.isAssignableTo(StationBase.class)))
                .hasSize(6);
        assertThat(DESKTOP.stream().filter(c -> c.getSimpleName().endsWith("Model")))
                .hasSizeGreaterThanOrEqualTo(3);
    }

    @Test
    void onlyTheAppPackageMeetsTheFiles() {
        noClasses()
                .that()
                .resideOutsideOfPackage("app.redlamp.desktop.app..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("app.redlamp.media..", "org.bytedeco..")
                .check(DESKTOP);
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("app.redlamp.cli..", "picocli..")
                .check(DESKTOP);
    }

    @Test
    void modelsKnowNoNodes() {
        noClasses()
                .that()
                .haveSimpleNameEndingWith("Model")
                .or()
                .resideInAnyPackage("app.redlamp.desktop.job..")
                .or()
                .haveSimpleName("DeliverReading")
                .or()
                .haveSimpleName("RowFaces")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx.scene..", "javafx.application..", "javafx.stage..")
                .check(DESKTOP);
    }

    private static final List<String> STATIONS = List.of("brief", "room", "kit", "level", "deliver");

    /** A station is a package: it knows no other, and the shell knows none. */
    @Test
    void aStationKnowsNoOtherStation() {
        for (String station : STATIONS) {
            String[] others = STATIONS.stream()
                    .filter(s -> !s.equals(station))
                    .map(s -> "..desktop." + s + "..")
                    .toArray(String[]::new);
            noClasses()
                    .that()
                    .resideInAPackage("..desktop." + station + "..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(others)
                    .orShould()
                    .dependOnClassesThat()
                    .resideInAnyPackage("..desktop.shell..", "..desktop.app..")
                    .check(DESKTOP);
            noClasses()
                    .that()
                    .resideInAnyPackage(
                            "..desktop.shell..", "..desktop.station..", "..desktop.input..", "..desktop.production..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAPackage("..desktop." + station + "..")
                    .check(DESKTOP);
        }
    }

    /** What a lamp shows follows from a verdict, and a station decides nothing beside it. */
    @Test
    void noStationChoosesItsLamp() {
        noClasses()
                .that()
                .areAssignableTo(StationBase.class)
                .should()
                .dependOnClassesThat()
                .areAssignableTo(LampState.class)
                .check(DESKTOP);
    }

    @Test
    void packagesGoRoundInNoCircle() {
        slices().matching("app.redlamp.desktop.(*)..").should().beFreeOfCycles().check(DESKTOP);
    }
}
