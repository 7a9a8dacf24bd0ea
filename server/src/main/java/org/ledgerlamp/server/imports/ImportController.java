package org.ledgerlamp.server.imports;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.CsvTable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Downloads;
import org.ledgerlamp.server.common.FileNames;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.data.domain.Limit;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Imports over HTTP. */
@RestController
class ImportController {
    private static final int PAGE = 200;

    private final ImportService imports;
    private final ImportDesk desk;
    private final ImportRuns runs;
    private final ImportItems items;

    ImportController(ImportService imports, ImportDesk desk, ImportRuns runs, ImportItems items) {
        this.imports = imports;
        this.desk = desk;
        this.runs = runs;
        this.items = items;
    }

    /** How many files of an import are in a state. */
    record ItemCount(ItemState state, long files) {}

    record ImportView(UUID id, String name, ImportState state, Instant startedAt, List<ItemCount> counts) {}

    record ImportName(@NotBlank @Size(max = 255) String name) {}

    /** How many files were new. */
    record Received(int files) {}

    /** A file of an import. @param folio the folio it became, or the one that was there; @param minutesId its draft */
    record ImportedFile(
            UUID id,
            int n,
            String path,
            long size,
            ItemState state,
            @Nullable String reason,
            @Nullable Integer folio,
            @Nullable UUID minutesId) {
        static ImportedFile of(ImportItems.Listed i) {
            return new ImportedFile(i.id(), i.n(), i.path(), i.size(), i.state(), i.reason(), i.folio(), i.minutesId());
        }
    }

    /** @param next where the next page begins, or null where this is the last */
    record ImportedFiles(List<ImportedFile> items, @Nullable Integer next) {}

    @GetMapping("/api/imports")
    List<ImportView> all(@AuthenticationPrincipal SignedIn who) {
        return views(runs.findByTeamIdOrderByStartedAtDesc(who.teamId()));
    }

    @PostMapping("/api/imports")
    @ResponseStatus(HttpStatus.CREATED)
    ImportView open(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody ImportName facts) {
        return views(List.of(imports.open(who, facts.name()))).getFirst();
    }

    @GetMapping("/api/imports/{id}")
    ImportView one(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return views(List.of(imports.one(who.teamId(), id))).getFirst();
    }

    /** A file of the import, or a zip archive of files; the body is the file and nothing else. */
    @PutMapping("/api/imports/{id}/files")
    Received receive(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestParam @NotBlank @Size(max = 2000) String path,
            HttpServletRequest body)
            throws IOException {
        return new Received(imports.receive(imports.one(who.teamId(), id), path, body.getInputStream()));
    }

    @PostMapping("/api/imports/{id}/start")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void start(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        desk.start(imports.one(who.teamId(), id));
    }

    @PostMapping("/api/imports/{id}/pause")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void pause(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        desk.pause(imports.one(who.teamId(), id));
    }

    @GetMapping("/api/imports/{id}/items")
    ImportedFiles items(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable ItemState state,
            @RequestParam(defaultValue = "0") int after) {
        List<ImportItems.Listed> found =
                new ArrayList<>(items.list(imports.one(who.teamId(), id).id(), after, state, Limit.of(PAGE + 1)));
        boolean more = found.size() > PAGE;
        if (more) {
            found.removeLast();
        }
        return new ImportedFiles(
                found.stream().map(ImportedFile::of).toList(),
                more ? found.getLast().n() : null);
    }

    /** What became of every file, as a table. */
    @GetMapping("/api/imports/{id}/report")
    ResponseEntity<byte[]> report(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        ImportRun run = imports.one(who.teamId(), id);
        List<List<?>> rows = new ArrayList<>();
        items.list(run.id(), 0, null, Limit.unlimited())
                .forEach(i -> rows.add(
                        Arrays.asList(i.path(), i.state().name().toLowerCase(Locale.ROOT), i.folio(), i.reason())));
        String table = CsvTable.write(List.of("File", "Became", "Folio", "Why"), rows);
        return Downloads.of(run.name() + "-report.csv", table.getBytes(StandardCharsets.UTF_8));
    }

    /** A file that could not be brought in, as it came. */
    @GetMapping("/api/import-items/{id}/original")
    ResponseEntity<byte[]> original(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        ImportItem item = items.findByIdAndTeamId(id, who.teamId())
                .filter(i -> i.bytes() != null)
                .orElseThrow(() -> Refusal.notFound("file"));
        return Downloads.of(FileNames.presentable(item.path()), item.bytes());
    }

    private List<ImportView> views(List<ImportRun> of) {
        Map<UUID, Map<ItemState, Long>> counts = new HashMap<>();
        items.count(of.stream().map(ImportRun::id).toList())
                .forEach(c -> counts.computeIfAbsent(c.runId(), r -> new EnumMap<>(ItemState.class))
                        .put(c.state(), c.files()));
        return of.stream()
                .map(r -> new ImportView(
                        r.id(),
                        r.name(),
                        r.state(),
                        r.startedAt(),
                        counts.getOrDefault(r.id(), Map.of()).entrySet().stream()
                                .map(e -> new ItemCount(e.getKey(), e.getValue()))
                                .toList()))
                .toList();
    }
}
