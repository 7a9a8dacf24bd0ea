package org.ledgerlamp.server.templates;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.minutes.ShippedTemplates;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Versions;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A team's templates: those that ship with the program and those of its own. One of its own that is called like a shipped
 * one stands in its place.
 */
@Service
@Transactional
public class TemplateService {
    private final TeamTemplates templates;

    TemplateService(TeamTemplates templates) {
        this.templates = templates;
    }

    /**
     * A template as the team has it.
     *
     * @param own the row that keeps it; null for one that ships with the program
     * @param shipped whether one of that name ships with the program
     */
    record Kept(Template template, @Nullable TeamTemplate own, boolean shipped) {}

    /** All of them, archived ones too: the team's own first, in order of name. */
    @Transactional(readOnly = true)
    List<Kept> all(UUID teamId) {
        List<Kept> all = new ArrayList<>();
        List<TeamTemplate> own = templates.findByTeamIdOrderByName(teamId);
        own.forEach(t -> all.add(new Kept(t.template(), t, isShipped(t.name()))));
        ShippedTemplates.ALL.stream()
                .filter(s -> own.stream().noneMatch(t -> t.name().equalsIgnoreCase(s.name())))
                .forEach(s -> all.add(new Kept(s, null, true)));
        return all;
    }

    private static boolean isShipped(String name) {
        return Template.named(name).isPresent();
    }

    /** Those that are offered, in the order in which they are. */
    @Transactional(readOnly = true)
    public List<Template> offered(UUID teamId) {
        return all(teamId).stream()
                .filter(k -> k.own() == null || !k.own().isArchived())
                .map(Kept::template)
                .toList();
    }

    /** @throws Refusal where there is none of that name, or it was archived */
    @Transactional(readOnly = true)
    public Template named(UUID teamId, String name) {
        return find(teamId, name).orElseThrow(() -> Refusal.invalid("There is no template \"" + name + "\"."));
    }

    /** The one of that name, if it is offered. */
    @Transactional(readOnly = true)
    public Optional<Template> find(UUID teamId, String name) {
        return offered(teamId).stream()
                .filter(t -> t.name().equalsIgnoreCase(name))
                .findFirst();
    }

    /** The one that fits a kind of meeting: the team's own before shipped ones; the first where none does. */
    @Transactional(readOnly = true)
    public Template forKind(UUID teamId, @Nullable String kind) {
        List<Template> offered = offered(teamId);
        String wanted = kind == null ? "" : kind.toLowerCase(Locale.ROOT);
        Stream<Template> exact = offered.stream().filter(t -> t.kinds().contains(wanted));
        Stream<Template> within =
                offered.stream().filter(t -> t.kinds().stream().anyMatch(wanted::contains));
        return Stream.concat(exact, within).findFirst().orElseGet(() -> find(
                        teamId, ShippedTemplates.ALL.getFirst().name())
                .orElseGet(() -> offered.isEmpty() ? ShippedTemplates.ALL.getFirst() : offered.getFirst()));
    }

    /** Keeps a new one. @throws Refusal where the team has one of that name */
    TeamTemplate keep(UUID teamId, Template template) {
        requireFree(teamId, template.name(), null);
        return templates.saveAndFlush(new TeamTemplate(teamId, template));
    }

    /** Changes one of the team's own. Minutes that have its form already keep it as it was. */
    TeamTemplate change(UUID teamId, UUID id, Template template, String ifMatch) {
        TeamTemplate kept = own(teamId, id);
        Versions.require(ifMatch, kept.version(), () -> TemplateFacts.of(kept.template()));
        requireFree(teamId, template.name(), kept);
        kept.become(template);
        return templates.saveAndFlush(kept);
    }

    /** Puts one of the team's own away, or brings it back. */
    TeamTemplate archive(UUID teamId, UUID id, boolean away) {
        TeamTemplate kept = own(teamId, id);
        kept.archive(away);
        return templates.saveAndFlush(kept);
    }

    /** Lets go of one of the team's own that stands in the place of a shipped one: that is offered again. */
    void letGo(UUID teamId, UUID id) {
        TeamTemplate kept = own(teamId, id);
        if (!isShipped(kept.name())) {
            throw Refusal.conflict("Nothing ships under the name " + kept.name() + "; archive it instead.");
        }
        templates.delete(kept);
    }

    private TeamTemplate own(UUID teamId, UUID id) {
        return templates.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("template"));
    }

    private void requireFree(UUID teamId, String name, @Nullable TeamTemplate but) {
        templates
                .findByTeamIdAndName(teamId, name)
                .filter(t -> but == null || !t.id().equals(but.id()))
                .ifPresent(t -> {
                    throw Refusal.conflict("There is a template \"" + t.name() + "\" already; choose another name.");
                });
    }
}
