package org.ledgerlamp.server.templates;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.minutes.Detail;
import org.ledgerlamp.core.minutes.NamePattern;
import org.ledgerlamp.core.minutes.Section;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.server.common.Refusal;

/** All of a template that a person may set, at once. */
public record TemplateFacts(
        @NotBlank @Size(max = 80) String name,
        @NotNull @Size(max = 30) List<@NotBlank @Size(max = 80) String> kinds,
        @NotNull Detail detail,
        @NotBlank @Size(max = 200) String title,
        @NotBlank @Size(max = 200) String file,
        @NotNull @NotEmpty @Size(max = 60) List<@NotNull @Valid SectionFacts> sections) {

    /** A section of it. */
    public record SectionFacts(
            @NotBlank @Size(max = 120) String heading,
            Section.@NotNull Content content,
            Section.@NotNull Grouping grouping,
            Section.@NotNull Form form,
            @Nullable Detail detail,
            boolean required,
            @NotNull @Size(max = 4000) String text) {
        static SectionFacts of(Section s) {
            return new SectionFacts(
                    s.heading(), s.content(), s.grouping(), s.form(), s.detail(), s.required(), s.text());
        }
    }

    public static TemplateFacts of(Template t) {
        return new TemplateFacts(
                t.name(),
                t.kinds(),
                t.detail(),
                t.title().pattern(),
                t.file().pattern(),
                t.sections().stream().map(SectionFacts::of).toList());
    }

    /** @throws Refusal where the rules of templates do not allow it, with the reason */
    public Template template() {
        try {
            return new Template(
                    name.strip(),
                    kinds.stream().map(k -> k.strip().toLowerCase(Locale.ROOT)).toList(),
                    detail,
                    new NamePattern(title.strip()),
                    new NamePattern(file.strip()),
                    sections.stream()
                            .map(s -> new Section(
                                    s.heading().strip(),
                                    s.content(),
                                    s.grouping(),
                                    s.form(),
                                    s.detail(),
                                    s.required(),
                                    s.content().needsText() ? s.text().strip() : ""))
                            .toList());
        } catch (IllegalArgumentException e) {
            throw Refusal.invalid(e.getMessage()).because(e);
        }
    }
}
