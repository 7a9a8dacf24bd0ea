package org.ledgerlamp.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class BordersTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("org.ledgerlamp.core");

    @Test
    void the_core_knows_the_language_file_formats_and_the_sentence_model_and_nothing_else() {
        classes()
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "org.ledgerlamp.core..",
                        "java..",
                        "javax.swing.text..",
                        "javax.crypto..",
                        "tools.jackson..",
                        "ai.onnxruntime..",
                        "opennlp.tools..",
                        "org.jsoup..",
                        "org.apache.pdfbox..",
                        "com.openhtmltopdf..",
                        "org.w3c.dom..",
                        "org.apache.poi..",
                        "org.apache.xmlbeans..",
                        "org.openxmlformats..",
                        "org.commonmark..",
                        "jakarta.mail..",
                        "biweekly..",
                        "ezvcard..",
                        "org.apache.commons.csv..")
                .check(CORE);
    }

    @Test
    void the_core_has_no_clock_no_files_and_no_network_of_its_own() {
        noClasses()
                .should()
                .callMethod(java.time.LocalDate.class, "now")
                .orShould()
                .callMethod(java.time.Instant.class, "now")
                .orShould()
                .callMethod(System.class, "currentTimeMillis")
                .orShould()
                .dependOnClassesThat()
                .resideInAnyPackage("java.nio.file..", "java.net..")
                .orShould()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.util.Random")
                .check(CORE);
    }

    @Test
    void each_part_uses_those_before_it_alone() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("source")
                .definedBy("..core.source..")
                .layer("people")
                .definedBy("..core.people..")
                .layer("time")
                .definedBy("..core.time..")
                .layer("language")
                .definedBy("..core.language..")
                .layer("reading")
                .definedBy("..core.reading..")
                .layer("minutes")
                .definedBy("..core.minutes..")
                .layer("exchange")
                .definedBy("..core.exchange..")
                .whereLayer("exchange")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("minutes")
                .mayOnlyBeAccessedByLayers("exchange")
                .whereLayer("reading")
                .mayOnlyBeAccessedByLayers("minutes", "exchange")
                .whereLayer("language")
                .mayOnlyBeAccessedByLayers("reading", "minutes", "exchange")
                .whereLayer("time")
                .mayOnlyBeAccessedByLayers("reading", "minutes", "exchange")
                .whereLayer("people")
                .mayOnlyBeAccessedByLayers("reading", "minutes", "exchange")
                .check(CORE);
    }
}
