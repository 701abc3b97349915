package app.redlamp.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.redlamp.core");

    /** Guard: rules about nothing always hold. */
    @Test
    void theClassesWereSeen() {
        assertThat(CORE).hasSizeGreaterThan(50);
        assertThat(CORE.contain("app.redlamp.core.analysis.RecordingAnalyzer")).isTrue();
    }

    @Test
    void coreUsesTheJdkAndAFourierTransformAndNothingElse() {
        classes()
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage("app.redlamp.core..", "java..", "org.jtransforms..")
                .check(CORE);
    }

    /** Paths are names and may pass through the ports; nothing here opens them. */
    @Test
    void coreOpensNoFilesStartsNoThreadsAndAsksNoClock() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .haveNameMatching(
                        "java\\.nio\\.file\\.Files|java\\.io\\.File.*|java\\.nio\\.channels\\..*|java\\.net\\..*"
                                + "|java\\.lang\\.Thread|java\\.util\\.concurrent\\.(Executor.*|Thread.*)"
                                + "|java\\.time\\.Clock|java\\.awt\\..*|javax\\..*")
                .check(CORE);
        noClasses()
                .should()
                .callMethod(System.class, "currentTimeMillis")
                .orShould()
                .callMethod(System.class, "nanoTime")
                .check(CORE);
    }

    @Test
    void packagesGoRoundInNoCircle() {
        slices().matching("app.redlamp.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void everythingMayUseUnitsAndSignalButTheyUseNothingElse() {
        noClasses()
                .that()
                .resideInAnyPackage("..core.units..", "..core.signal..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "..core.loudness..",
                        "..core.noise..",
                        "..core.voice..",
                        "..core.analysis..",
                        "..core.spec..",
                        "..core.finish..",
                        "..core.text..",
                        "..core.port..")
                .check(CORE);
        noClasses()
                .that()
                .resideInAnyPackage("..core.loudness..", "..core.noise..", "..core.voice..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("..core.analysis..", "..core.spec..", "..core.finish..")
                .check(CORE);
    }
}
