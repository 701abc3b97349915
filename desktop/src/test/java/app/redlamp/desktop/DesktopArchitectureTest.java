package app.redlamp.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
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

    @Test
    void packagesGoRoundInNoCircle() {
        slices().matching("app.redlamp.desktop.(*)..").should().beFreeOfCycles().check(DESKTOP);
    }
}
