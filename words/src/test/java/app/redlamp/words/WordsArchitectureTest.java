package app.redlamp.words;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class WordsArchitectureTest {
    private static final JavaClasses WORDS = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.redlamp.words");

    /** Guard: rules about nothing always hold. */
    @Test
    void theClassesWereSeen() {
        assertThat(WORDS).hasSizeGreaterThan(15);
        assertThat(WORDS.contain("app.redlamp.words.Wording")).isTrue();
    }

    @Test
    void wordsStandOnTheComputationAndOnNothingElse() {
        classes()
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage("app.redlamp.core..", "app.redlamp.words..", "java..")
                .check(WORDS);
    }
}
