package org.ledgerlamp.server.tray;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.source.Problem;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Downloads;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The in-tray and its sources over HTTP. */
@RestController
class TrayController {
    /** What takes longer to read goes on in the background. */
    private static final Duration PATIENCE = Duration.ofSeconds(5);

    private final TrayService tray;
    private final Suggestions suggestions;

    TrayController(TrayService tray, Suggestions suggestions) {
        this.tray = tray;
        this.suggestions = suggestions;
    }

    /**
     * A source, without its words.
     *
     * @param read how many hundredths of it are read, while it is being read
     * @param guesses the meetings it may belong to; said of what waits alone
     */
    record SourceView(
            UUID id,
            String name,
            int size,
            Instant receivedAt,
            SourceFile.State state,
            @Nullable Integer read,
            boolean notes,
            @Nullable String format,
            int passages,
            @Nullable Integer seconds,
            List<String> speakers,
            List<Problem> problems,
            @Nullable UUID meetingId,
            List<Suggestions.Guess> guesses) {
        static SourceView of(SourceFile f, @Nullable Integer read, List<Suggestions.Guess> guesses) {
            return new SourceView(
                    f.id(),
                    f.name(),
                    f.size(),
                    f.receivedAt(),
                    f.state(),
                    f.state() == SourceFile.State.KEPT ? read : null,
                    f.isNotes(),
                    f.format(),
                    f.passages(),
                    f.seconds(),
                    f.facts().speakers(),
                    f.problems(),
                    f.meetingId(),
                    guesses);
        }
    }

    private SourceView view(SourceFile file, List<Suggestions.Guess> guesses) {
        return SourceView.of(file, tray.progress(file).orElse(null), guesses);
    }

    /** A source just taken in, and the name of one with the same bytes. */
    record TakenIn(SourceView source, @Nullable String sameAs) {}

    record PastedText(@Nullable @Size(max = 255) String name, @NotBlank @Size(max = 10_000_000) String text) {}

    record Placement(@NotNull UUID meetingId) {}

    /** One utterance or note line. */
    record PassageView(
            int n,
            @Nullable String speaker,
            @Nullable Integer startMs,
            int indent,
            boolean heading,
            @Nullable String mark,
            String text) {
        static PassageView of(Passage p) {
            return new PassageView(p.n(), p.speaker(), p.startMs(), p.indent(), p.isHeading(), p.mark(), p.text());
        }
    }

    @GetMapping("/api/tray")
    List<SourceView> waiting(@AuthenticationPrincipal SignedIn who) {
        List<SourceFile> waiting = tray.waiting(who.teamId());
        Map<UUID, List<Suggestions.Guess>> guesses = suggestions.guesses(waiting);
        return waiting.stream()
                .map(f -> view(f, guesses.getOrDefault(f.id(), List.of())))
                .toList();
    }

    @PostMapping(path = "/api/tray", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    List<TakenIn> upload(@AuthenticationPrincipal SignedIn who, @RequestParam List<MultipartFile> files)
            throws IOException {
        List<TakenIn> taken = new ArrayList<>();
        for (MultipartFile file : files) {
            String name = file.getOriginalFilename();
            taken.add(taken(tray.takeIn(who, name == null ? "unnamed" : name, file::getBytes, PATIENCE)));
        }
        return taken;
    }

    @PostMapping("/api/tray/text")
    TakenIn paste(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody PastedText pasted) throws IOException {
        String name = pasted.name() == null || pasted.name().isBlank() ? "pasted text" : pasted.name();
        return taken(tray.takeIn(who, name, () -> pasted.text().getBytes(StandardCharsets.UTF_8), PATIENCE));
    }

    private TakenIn taken(SourceFile file) {
        SourceFile twin = tray.twin(file);
        return new TakenIn(view(file, List.of()), twin == null ? null : twin.name());
    }

    @GetMapping("/api/sources/{id}")
    SourceView one(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return view(tray.one(who.teamId(), id), List.of());
    }

    @GetMapping("/api/sources/{id}/suggestion")
    Suggestions.Suggestion suggestion(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return suggestions.of(tray.one(who.teamId(), id));
    }

    @GetMapping("/api/sources/{id}/passages")
    List<PassageView> passages(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return tray.passages(who.teamId(), id).stream().map(PassageView::of).toList();
    }

    /** The bytes as they came, always as a download: a browser must not run what somebody sent. */
    @GetMapping("/api/sources/{id}/original")
    ResponseEntity<byte[]> original(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        SourceFile file = tray.one(who.teamId(), id);
        return Downloads.of(file.name(), tray.original(who.teamId(), id));
    }

    @PutMapping("/api/sources/{id}/meeting")
    SourceView place(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody Placement placement) {
        return view(tray.place(who.teamId(), id, placement.meetingId()), List.of());
    }

    @DeleteMapping("/api/sources/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void discard(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        tray.discard(who.teamId(), id);
    }

    @PostMapping("/api/sources/{id}/restore")
    SourceView restore(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return view(tray.restore(who.teamId(), id), List.of());
    }
}
