package app.redlamp.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.redlamp.core");

    /** Guard: rules about nothing always hold. */
    @Test
    void theClassesWereSeen() {
        assertThat(CORE).hasSizeGreaterThan(50);
        assertThat(CORE.contain("app.redlamp.core.measure.analysis.RecordingAnalyzer"))
                .isTrue();
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

    /** Expressions in the middle of code would not be seen by {@link LinearPatternsTest}. */
    @Test
    void everyRegularExpressionHasAName() {
        noClasses()
                .that()
                .resideInAPackage("app.redlamp.core..")
                .should()
                .callMethod(String.class, "replaceAll", String.class, String.class)
                .orShould()
                .callMethod(String.class, "replaceFirst", String.class, String.class)
                .orShould()
                .callMethod(String.class, "matches", String.class)
                .check(CORE);
    }

    /** Whoever reads a name must not have to ask which of two it is. */
    @Test
    void noNameStandsForTwoThings() {
        List<String> names = CORE.stream()
                .filter(c -> c.isTopLevelClass() && !c.getSimpleName().equals("package-info"))
                .map(JavaClass::getSimpleName)
                .toList();
        assertThat(names).hasSizeGreaterThan(300).doesNotHaveDuplicates();
    }

    /** Names of octaves count in tens too, and are no levels. */
    @Test
    void levelsComeFromOnePlace() {
        noClasses()
                .that()
                .doNotHaveSimpleName("Decibels")
                .and()
                .doNotHaveSimpleName("OctaveBands")
                .should()
                .callMethod(Math.class, "log10", double.class)
                .check(CORE);
    }

    @Test
    void chaptersAndPackagesGoRoundInNoCircle() {
        slices().matching("app.redlamp.core.(*)..").should().beFreeOfCycles().check(CORE);
        slices().matching("app.redlamp.core.(**)").should().beFreeOfCycles().check(CORE);
    }

    /** What each chapter may lean on; what is not named here is kept from it. All may say what is wrong. */
    private static final Map<String, List<String>> MAP = Map.ofEntries(
            Map.entry("units", List.of()),
            Map.entry("fault", List.of()),
            Map.entry("log", List.of()),
            Map.entry("verdict", List.of("units")),
            Map.entry("signal", List.of("units")),
            Map.entry("measure", List.of("units", "signal")),
            Map.entry("acoustics", List.of("units", "signal", "verdict")),
            Map.entry("chain", List.of("units", "signal", "verdict", "measure", "acoustics")),
            Map.entry("delivery", List.of("units", "signal", "verdict", "measure")),
            Map.entry("booth", List.of("units", "signal", "measure", "acoustics", "chain")),
            Map.entry("setting", List.of("units", "signal", "verdict", "measure", "acoustics", "chain", "booth")),
            Map.entry(
                    "planning",
                    List.of("units", "signal", "verdict", "measure", "acoustics", "chain", "delivery", "setting")),
            Map.entry(
                    "taking",
                    List.of(
                            "units",
                            "log",
                            "signal",
                            "measure",
                            "acoustics",
                            "chain",
                            "booth",
                            "setting",
                            "planning")));

    @Test
    void eachChapterLeansOnlyOnThoseBelowIt() {
        MAP.forEach((chapter, below) -> {
            List<String> allowed = new ArrayList<>(
                    List.of("java..", "org.jtransforms..", "..core.fault..", "..core." + chapter + ".."));
            below.forEach(b -> allowed.add("..core." + b + ".."));
            classes()
                    .that()
                    .resideInAPackage("..core." + chapter + "..")
                    .should()
                    .onlyDependOnClassesThat()
                    .resideInAnyPackage(allowed.toArray(String[]::new))
                    .check(CORE);
        });
    }

    /** A chapter that is not on the map would be free to lean on anything. */
    @Test
    void everyChapterIsOnTheMap() {
        Set<String> chapters = CORE.stream()
                .map(c -> c.getPackageName()
                        .substring("app.redlamp.core.".length())
                        .split("\\.", 2)[0])
                .collect(Collectors.toSet());
        chapters.removeAll(Set.of("port", "print"));
        assertThat(chapters).isEqualTo(MAP.keySet());
    }
}
