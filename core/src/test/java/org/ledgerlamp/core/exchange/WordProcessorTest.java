package org.ledgerlamp.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.minutes.CopyLine;
import org.ledgerlamp.core.minutes.FairCopy;

/** What is written out opens in LibreOffice, where that is installed. */
class WordProcessorTest {
    private static final Path OFFICE = Path.of("/usr/bin/soffice");
    private static final int MOST_SECONDS = 120;
    private static final FairCopy COPY = FairCopy.of(Skerry.draft(
            "Mira Voss: Morning. First the crane at Holm.",
            "Mira Voss: Okay, let's take the crane for two days, agreed?",
            "Ana Prokop: Agreed.",
            "Tom Reyes: Agreed. I'll book the crane by Friday."));

    @TempDir
    private Path folder;

    @BeforeEach
    void isInstalled() {
        assumeTrue(Files.isExecutable(OFFICE), "LibreOffice is not installed");
    }

    /** The words of a file as LibreOffice prints them. */
    private String printed(String name, byte[] file) throws IOException, InterruptedException {
        Files.write(folder.resolve(name), file);
        Process office = new ProcessBuilder(
                        OFFICE.toString(),
                        "-env:UserInstallation=file://" + folder.resolve("profile"),
                        "--headless",
                        "--convert-to",
                        "pdf",
                        "--outdir",
                        folder.toString(),
                        folder.resolve(name).toString())
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("log").toFile())
                .start();
        assertThat(office.waitFor(MOST_SECONDS, TimeUnit.SECONDS)).isTrue();
        Path pdf = folder.resolve(name.replaceFirst("\\..*$", ".pdf"));
        assertThat(pdf).as(Files.readString(folder.resolve("log"))).exists();
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    private static void saysWhatTheMinutesSay(String printed) {
        assertThat(COPY.lines()).extracting(CopyLine::text).allSatisfy(t -> assertThat(printed)
                .contains(t));
    }

    @Test
    void a_document() throws IOException, InterruptedException {
        String printed = printed("minutes.docx", MinutesDocx.write(COPY, true));

        assertThat(printed).contains(COPY.title());
        saysWhatTheMinutesSay(printed);
    }

    /** The title is left out: LibreOffice prints it in a cut of its font whose letters no reader can tell. */
    @Test
    void a_web_page() throws IOException, InterruptedException {
        saysWhatTheMinutesSay(
                printed("minutes.html", MinutesHtml.write(COPY, true).getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void a_filled_house_document() throws IOException, InterruptedException {
        byte[] filled = HouseDocument.fill(MinutesDocx.write(titled("{title}: {decisions}"), false), COPY);

        assertThat(printed("house.docx", filled)).contains(COPY.title() + ": ");
    }

    /** Minutes whose summary is these words: a document made of them has the words in it. */
    private static FairCopy titled(String words) {
        CopyLine summary = COPY.lines().getFirst();
        return COPY.with(java.util.List.of(new CopyLine(
                1, null, null, words, null, null, null, 0, 1, summary.reasons(), null, summary.evidence())));
    }
}
