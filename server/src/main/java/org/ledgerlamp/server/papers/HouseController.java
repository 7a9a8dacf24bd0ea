package org.ledgerlamp.server.papers;

import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.HouseDocument;
import org.ledgerlamp.core.exchange.HousePlaceholders;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Downloads;
import org.ledgerlamp.server.common.FileNames;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The team's house document over HTTP. */
@RestController
@RequestMapping("/api/house-document")
@Transactional
class HouseController {
    private final HouseSheets sheets;
    private final AccessService access;
    private final Clock clock;

    HouseController(HouseSheets sheets, AccessService access, Clock clock) {
        this.sheets = sheets;
        this.access = access;
        this.clock = clock;
    }

    /** A placeholder there is. */
    record Placeholder(String name, String stands) {}

    /** A placeholder as it stands in the document. */
    record FoundPlaceholder(String name, String place, boolean known) {}

    /** The document that was brought in. */
    record HeldDocument(String name, Instant broughtAt, String broughtBy, List<FoundPlaceholder> found) {}

    /** @param sheet null where the team has none */
    record House(@Nullable HeldDocument sheet, List<Placeholder> placeholders) {}

    @GetMapping
    House house(@AuthenticationPrincipal SignedIn who) {
        return house(sheets.findByTeamId(who.teamId()).orElse(null));
    }

    /**
     * Takes a document in, in place of the one before.
     *
     * @throws Refusal where it cannot be used, with the reason; the one before stays
     */
    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    House bring(@AuthenticationPrincipal SignedIn who, @RequestParam MultipartFile file) throws IOException {
        String name = FileNames.presentable(String.valueOf(file.getOriginalFilename()));
        byte[] bytes = file.getBytes();
        found(name, bytes);
        HouseSheet sheet = sheets.findByTeamId(who.teamId()).orElseGet(() -> new HouseSheet(who.teamId()));
        sheet.become(who, name, bytes, clock.instant());
        return house(sheets.saveAndFlush(sheet));
    }

    @GetMapping("/file")
    ResponseEntity<byte[]> file(@AuthenticationPrincipal SignedIn who) {
        HouseSheet sheet = sheets.findByTeamId(who.teamId()).orElseThrow(() -> Refusal.notFound("house document"));
        return Downloads.of(sheet.name(), sheet.bytes());
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void letGo(@AuthenticationPrincipal SignedIn who) {
        sheets.findByTeamId(who.teamId()).ifPresent(sheets::delete);
    }

    private House house(@Nullable HouseSheet sheet) {
        return new House(
                sheet == null
                        ? null
                        : new HeldDocument(
                                sheet.name(),
                                sheet.broughtAt(),
                                access.memberNames(sheet.teamId()).getOrDefault(sheet.broughtBy(), "a former member"),
                                found(sheet.name(), sheet.bytes())),
                HousePlaceholders.KNOWN.entrySet().stream()
                        .map(e -> new Placeholder(e.getKey(), e.getValue()))
                        .toList());
    }

    private static List<FoundPlaceholder> found(String name, byte[] bytes) {
        try {
            return HouseDocument.check(bytes).stream()
                    .map(f -> new FoundPlaceholder(f.name(), f.place(), f.known()))
                    .toList();
        } catch (IllegalArgumentException e) {
            throw Refusal.invalid(name + " cannot be the house document: " + e.getMessage())
                    .because(e);
        }
    }
}
