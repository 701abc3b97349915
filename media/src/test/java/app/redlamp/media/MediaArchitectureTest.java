package app.redlamp.media;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class MediaArchitectureTest {
    private static final JavaClasses MEDIA = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.redlamp.media");

    /** Guard: rules about nothing always hold. */
    @Test
    void theClassesWereSeen() {
        assertThat(MEDIA).hasSizeGreaterThan(20);
        assertThat(MEDIA.contain("app.redlamp.media.finish.FileFinishing")).isTrue();
    }

    @Test
    void mediaKnowsNoInterfaceAndNoCommandLine() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx..", "app.redlamp.cli..", "app.redlamp.desktop..", "picocli..")
                .check(MEDIA);
    }

    @Test
    void theCodecLibraryIsUsedInOnePlace() {
        noClasses()
                .that()
                .resideOutsideOfPackage("app.redlamp.media.ffmpeg..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.bytedeco..")
                .check(MEDIA);
    }

    @Test
    void packagesGoRoundInNoCircle() {
        slices().matching("app.redlamp.media.(*)..").should().beFreeOfCycles().check(MEDIA);
    }
}
