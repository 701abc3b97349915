package app.redlamp.cli;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class CliArchitectureTest {
    private static final JavaClasses CLI = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.redlamp.cli");

    /** Guard: rules about nothing always hold. */
    @Test
    void theClassesWereSeen() {
        assertThat(CLI).hasSizeGreaterThan(8);
        assertThat(CLI.contain("app.redlamp.cli.FinishCommand")).isTrue();
    }

    @Test
    void theCommandLineStartsWithoutAnyInterfaceCode() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx..", "app.redlamp.desktop..", "java.awt..", "org.bytedeco..")
                .check(CLI);
    }
}
