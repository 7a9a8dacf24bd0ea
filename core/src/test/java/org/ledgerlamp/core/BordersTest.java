package org.ledgerlamp.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.Architectures;
import java.util.List;
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

    /** In the order in which data flows. */
    private static final List<String> PARTS = List.of(
            "source", "people", "time", "language", "reading", "wording", "minutes", "ledger", "lamp", "exchange");

    @Test
    void each_part_uses_those_before_it_alone() {
        Architectures.LayeredArchitecture order = layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (String part : PARTS) {
            order = order.layer(part).definedBy("..core." + part + "..");
        }
        for (int i = 0; i < PARTS.size(); i++) {
            List<String> later = PARTS.subList(i + 1, PARTS.size());
            order = later.isEmpty()
                    ? order.whereLayer(PARTS.get(i)).mayNotBeAccessedByAnyLayer()
                    : order.whereLayer(PARTS.get(i)).mayOnlyBeAccessedByLayers(later.toArray(String[]::new));
        }
        order.check(CORE);
    }

    @Test
    void every_package_is_one_of_the_parts() {
        classes()
                .should()
                .resideInAnyPackage(
                        PARTS.stream().map(p -> "org.ledgerlamp.core." + p).toArray(String[]::new))
                .check(CORE);
    }
}
