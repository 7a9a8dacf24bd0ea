package org.ledgerlamp.server.imports;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.ArchivedFile;
import org.ledgerlamp.core.exchange.OldMinutes;
import org.ledgerlamp.core.source.Limits;
import org.ledgerlamp.core.source.SourceDesk;
import org.ledgerlamp.core.source.UnreadableSource;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.attachments.AttachmentService;
import org.ledgerlamp.server.common.FileNames;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Texts;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.minutes.DraftingDesk;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesService;
import org.ledgerlamp.server.minutes.OldMinutesService;
import org.ledgerlamp.server.roster.RosterService;
import org.ledgerlamp.server.shorthand.ShorthandService;
import org.ledgerlamp.server.tray.SourceFile;
import org.ledgerlamp.server.tray.TrayService;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Brings in one file. Each step is stored before the next is taken, and a file that was begun on is gone on with from there:
 * an import may be interrupted at any point.
 */
@Component
class ImportStep {
    private static final Set<ItemState> BROUGHT_IN = EnumSet.of(ItemState.FILED, ItemState.DRAFTED, ItemState.PLACED);
    private static final int LONGEST_TITLE = 300;
    private static final int LONGEST_SERIES = 160;
    private static final int LONGEST_KIND = 80;

    private final ImportItems items;
    private final TrayService tray;
    private final MeetingService meetings;
    private final MinutesService minutes;
    private final OldMinutesService oldMinutes;
    private final DraftingDesk drafting;
    private final AttachmentService attachments;
    private final RosterService roster;
    private final ShorthandService shorthand;
    private final TransactionTemplate transaction;
    private final ZoneId zone;

    ImportStep(
            ImportItems items,
            TrayService tray,
            MeetingService meetings,
            MinutesService minutes,
            OldMinutesService oldMinutes,
            DraftingDesk drafting,
            AttachmentService attachments,
            RosterService roster,
            ShorthandService shorthand,
            TransactionTemplate transaction,
            Clock clock) {
        this.items = items;
        this.tray = tray;
        this.meetings = meetings;
        this.minutes = minutes;
        this.oldMinutes = oldMinutes;
        this.drafting = drafting;
        this.attachments = attachments;
        this.roster = roster;
        this.shorthand = shorthand;
        this.transaction = transaction;
        this.zone = clock.getZone();
    }

    /** Brings a file in, or goes on with it. Whatever stands against it is written down with it. */
    void take(SignedIn who, ImportItem item) {
        try {
            if (item.state() == ItemState.PLACED) {
                draft(item.id(), who.teamId(), item.meetingId());
            } else if (!isKnown(item)) {
                bringIn(who, item, FileNames.presentable(item.path()));
            }
        } catch (UnreadableSource e) {
            keep(item.id(), i -> i.failed(e.getMessage()));
        } catch (Refusal refused) {
            keep(item.id(), i -> i.failed(refused.getBody().getDetail()));
        }
    }

    private void keep(UUID id, Consumer<ImportItem> change) {
        transaction.executeWithoutResult(t -> change.accept(items.findById(id).orElseThrow()));
    }

    /** The same bytes, brought in before. */
    private boolean isKnown(ImportItem item) {
        Optional<ImportItem> before =
                items.findFirstByTeamIdAndSha256AndStateIn(item.teamId(), item.sha256(), BROUGHT_IN);
        before.ifPresent(b ->
                keep(item.id(), i -> i.known("The same file was brought in before, as " + b.path() + ".", b.folio())));
        return before.isPresent();
    }

    private void bringIn(SignedIn who, ImportItem item, String name) throws UnreadableSource {
        byte[] bytes = item.bytes();
        SourceDesk desk = new SourceDesk(Limits.DEFAULT, shorthand.of(who.teamId()));
        ArchivedFile file = ArchivedFile.read(bytes, name, desk, roster.roster(who.teamId()), zone);
        boolean own = file.form() == ArchivedFile.Form.OWN_EXPORT;
        SourceFile source = own
                ? null
                : tray.lying(who.teamId(), bytes)
                        .orElseGet(() -> file.minutes() == null
                                ? tray.takeIn(who, name, bytes)
                                : tray.takeInNotes(who.teamId(), who.memberId(), name, bytes));
        if (file.date() == null) {
            keep(
                    item.id(),
                    i -> i.failed("Neither the file nor its name tells the day of the meeting: it waits in the tray."));
            return;
        }
        String title = Texts.shortened(file.title() == null ? "Meeting" : file.title(), LONGEST_TITLE);
        Optional<Meeting> that = meetings.between(who.teamId(), file.date(), file.date()).stream()
                .filter(m -> m.title().equalsIgnoreCase(title))
                .findFirst();
        if (that.isPresent() && that.get().hasMinutes()) {
            Integer folio = minutes.ofMeetings(who.teamId(), List.of(that.get().id())).stream()
                    .map(Minutes::folio)
                    .filter(Objects::nonNull)
                    .findFirst()
                    .orElse(null);
            keep(item.id(), i -> i.known("There are minutes of " + title + " of that day already.", folio));
            return;
        }
        if (file.minutes() == null) {
            UUID meeting = transaction.execute(t -> {
                UUID id = meeting(who, item, that, file.date(), title, null);
                tray.place(who.teamId(), source.id(), id);
                items.findById(item.id()).orElseThrow().placed(id);
                return id;
            });
            draft(item.id(), who.teamId(), meeting);
        } else {
            UUID meeting = transaction.execute(t -> meeting(who, item, that, file.date(), title, file.minutes()));
            if (source == null) {
                attachments.attach(who, meeting, name, bytes);
            }
            transaction.executeWithoutResult(t -> {
                if (source != null) {
                    tray.place(who.teamId(), source.id(), meeting);
                }
                Minutes filed = oldMinutes.file(
                        who, meeting, file.minutes(), source == null ? null : source.id(), people(who.teamId()));
                items.findById(item.id()).orElseThrow().filed(filed.folio());
            });
        }
    }

    private void draft(UUID itemId, UUID teamId, UUID meetingId) {
        UUID draft = minutes.ofMeetings(teamId, List.of(meetingId)).stream()
                .findFirst()
                .map(Minutes::id)
                .orElseGet(() -> drafting.draftNow(teamId, meetingId));
        keep(itemId, i -> i.drafted(draft));
    }

    private UUID meeting(
            SignedIn who,
            ImportItem item,
            Optional<Meeting> that,
            LocalDate date,
            String title,
            @Nullable OldMinutes old) {
        if (that.isPresent()) {
            return that.get().id();
        }
        Map<String, UUID> people = people(who.teamId());
        List<UUID> invited = old == null
                ? List.of()
                : old.people().stream()
                        .map(w -> people.get(w.name()))
                        .filter(Objects::nonNull)
                        .distinct()
                        .toList();
        String series = old == null || old.series() == null ? folder(item) : old.series();
        return meetings.create(
                        who.teamId(),
                        new MeetingService.Facts(
                                title,
                                date,
                                null,
                                zone.getId(),
                                null,
                                old == null || old.kind() == null ? null : Texts.shortened(old.kind(), LONGEST_KIND),
                                null,
                                series == null ? null : Texts.shortened(series, LONGEST_SERIES),
                                old == null ? List.of() : agenda(old),
                                null,
                                invited,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null))
                .id();
    }

    private static List<String> agenda(OldMinutes old) {
        return old.agenda().stream()
                .map(a -> Texts.shortened(a, LONGEST_TITLE))
                .limit(100)
                .toList();
    }

    /** A folder with several files in it is a series, called as it is called; one called by number or year is none. */
    private @Nullable String folder(ImportItem item) {
        int slash = item.path().lastIndexOf('/');
        if (slash <= 0) {
            return null;
        }
        String folder = item.path().substring(0, slash);
        String prefix = folder.replaceAll("([!%_])", "!$1") + "/%";
        boolean isRoot = folder.indexOf('/') < 0;
        long all = items.inFolder(item.runId(), "%");
        long inside = items.inFolder(item.runId(), prefix);
        String name = folder.substring(folder.lastIndexOf('/') + 1);
        boolean tells = name.chars().anyMatch(Character::isLetter);
        return tells && inside > 1 && !(isRoot && inside == all) ? name : null;
    }

    private Map<String, UUID> people(UUID teamId) {
        Map<String, UUID> people = new HashMap<>();
        roster.names(teamId).forEach((id, name) -> people.put(name, id));
        return people;
    }
}
