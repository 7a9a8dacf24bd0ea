package org.ledgerlamp.server.templates;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.TemplateJson;
import org.ledgerlamp.core.minutes.DescribedTemplate;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Downloads;
import org.ledgerlamp.server.common.FileNames;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Templates over HTTP. */
@RestController
class TemplateController {
    private final TemplateService templates;

    TemplateController(TemplateService templates) {
        this.templates = templates;
    }

    /**
     * A template as the browser gets it.
     *
     * @param id null for one that ships with the program and was not changed
     * @param shipped whether one of that name ships with the program
     */
    record KeptTemplate(
            @Nullable UUID id, @Nullable Integer version, boolean shipped, boolean archived, TemplateFacts facts) {
        static KeptTemplate of(TemplateService.Kept k) {
            TeamTemplate own = k.own();
            return new KeptTemplate(
                    own == null ? null : own.id(),
                    own == null ? null : own.version(),
                    k.shipped(),
                    own != null && own.isArchived(),
                    TemplateFacts.of(k.template()));
        }
    }

    record ArchiveWish(boolean archived) {}

    record Description(@NotBlank @Size(max = 1000) String words) {}

    record TemplateText(@NotNull @Size(max = 200_000) String json) {}

    /** All templates of the team, archived ones too. */
    @GetMapping("/api/templates")
    List<KeptTemplate> all(@AuthenticationPrincipal SignedIn who) {
        return templates.all(who.teamId()).stream().map(KeptTemplate::of).toList();
    }

    @PostMapping("/api/templates")
    KeptTemplate keep(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody TemplateFacts facts) {
        return kept(who, templates.keep(who.teamId(), facts.template()));
    }

    @PutMapping("/api/templates/{id}")
    KeptTemplate change(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody TemplateFacts facts) {
        return kept(who, templates.change(who.teamId(), id, facts.template(), ifMatch));
    }

    @PutMapping("/api/templates/{id}/archived")
    KeptTemplate archive(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody ArchiveWish wish) {
        return kept(who, templates.archive(who.teamId(), id, wish.archived()));
    }

    /** Lets go of the team's version of a shipped template. */
    @DeleteMapping("/api/templates/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void letGo(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        templates.letGo(who.teamId(), id);
    }

    /** A template as a file. */
    @GetMapping("/api/templates/file")
    ResponseEntity<byte[]> file(@AuthenticationPrincipal SignedIn who, @RequestParam String name) {
        String json = TemplateJson.write(templates.named(who.teamId(), name)) + "\n";
        return Downloads.of(
                FileNames.presentable(name.replaceAll("[\\\\/:*?\"<>|]", "-")) + ".json",
                json.getBytes(StandardCharsets.UTF_8));
    }

    /** Reads a template from a file's text. It is not kept yet. */
    @PostMapping("/api/templates/read")
    TemplateFacts read(@Valid @RequestBody TemplateText text) {
        try {
            return TemplateFacts.of(TemplateJson.read(text.json()));
        } catch (IllegalArgumentException e) {
            throw Refusal.invalid("This is no template: " + e.getMessage()).because(e);
        }
    }

    /** Makes a template out of a short description. It is not kept yet. */
    @PostMapping("/api/templates/described")
    TemplateFacts described(@Valid @RequestBody Description description) {
        return TemplateFacts.of(DescribedTemplate.of(description.words()));
    }

    private KeptTemplate kept(SignedIn who, TeamTemplate own) {
        return templates.all(who.teamId()).stream()
                .filter(k -> k.own() != null && k.own().id().equals(own.id()))
                .map(KeptTemplate::of)
                .findFirst()
                .orElseThrow();
    }
}
