package org.ledgerlamp.server.post;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.Letter;
import org.ledgerlamp.server.access.Auditor;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.AuditKind;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Circulating minutes, over HTTP. */
@RestController
@RequestMapping("/api/folios/{number}/circulation")
class CirculationController {
    private final MinutesPost post;
    private final Auditor auditor;

    CirculationController(MinutesPost post, Auditor auditor) {
        this.auditor = auditor;
        this.post = post;
    }

    /** Whose letter is to be seen. */
    record LetterWish(
            @NotBlank @Size(max = 120) String reader,
            Reader.@NotNull Part part,
            MinutesPost.@NotNull Form form,
            @Nullable @Size(max = 5000) String cover) {}

    record MinutesWords(String subject, String text) {}

    /** Somebody who is to get a letter. */
    record AddressedTo(@NotNull @Valid Recipient recipient, Reader.@NotNull Part part) {}

    /**
     * What is to be sent to whom. Whoever sends it gets none, and nobody gets two.
     *
     * @param outside whether it is meant to leave the team's own domains
     */
    record CirculationOrder(
            MinutesPost.@NotNull Form form,
            @Nullable @Size(max = 5000) String cover,
            @NotNull @NotEmpty @Size(max = 500) List<@NotNull @Valid AddressedTo> to,
            boolean outside) {}

    @GetMapping
    MinutesPost.Circulation circulation(@AuthenticationPrincipal SignedIn who, @PathVariable int number) {
        return post.circulation(who, number);
    }

    /** The words as one reader would get them. */
    @PostMapping("/words")
    MinutesWords words(
            @AuthenticationPrincipal SignedIn who, @PathVariable int number, @Valid @RequestBody LetterWish wish) {
        Letter letter = post.letter(who, number, wish.reader(), wish.part(), wish.form(), wish.cover());
        return new MinutesWords(letter.subject(), letter.text());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void circulate(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable int number,
            @Valid @RequestBody CirculationOrder order) {
        post.circulate(
                who,
                number,
                order.form(),
                order.cover(),
                order.to().stream()
                        .map(a -> new MinutesPost.Addressed(a.recipient(), a.part()))
                        .toList(),
                order.outside());
        auditor.note(
                who,
                AuditKind.CIRCULATED,
                "folio " + number + " to "
                        + order.to().stream().map(a -> a.recipient().address()).collect(Collectors.joining(", ")));
    }
}
