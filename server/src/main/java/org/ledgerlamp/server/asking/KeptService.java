package org.ledgerlamp.server.asking;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.ledgerlamp.core.lamp.AnswerChange;
import org.ledgerlamp.core.lamp.Statement;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.asking.AskService.Had;
import org.ledgerlamp.server.asking.KeptView.AskedAgain;
import org.ledgerlamp.server.asking.KeptView.News;
import org.ledgerlamp.server.asking.KeptView.Novelty;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Versions;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps questions with their answers, and asks them again. What is kept changes when a member says so, and never else. */
@Service
@Transactional
class KeptService {
    private static final int MOST = 200;

    private final KeptQuestions kept;
    private final AskService asks;
    private final AccessService access;
    private final Clock clock;

    KeptService(KeptQuestions kept, AskService asks, AccessService access, Clock clock) {
        this.kept = kept;
        this.asks = asks;
        this.access = access;
        this.clock = clock;
    }

    /** The team's kept questions, what was kept last first. */
    @Transactional(readOnly = true)
    public List<KeptView> all(UUID teamId) {
        Map<UUID, String> members = access.memberNames(teamId);
        return kept.findByTeamIdOrderByKeptAtDesc(teamId).stream()
                .map(k -> view(k, members))
                .toList();
    }

    /**
     * Keeps a question with what the ledger says to it now.
     *
     * @throws Refusal where the team keeps too many already
     */
    public KeptView keep(SignedIn who, LampQuestion asked) {
        if (kept.countByTeamId(who.teamId()) >= MOST) {
            throw Refusal.conflict("The team keeps " + MOST + " questions; let go of one that nobody asks any more.");
        }
        KeptQuestion question = kept.saveAndFlush(
                new KeptQuestion(who, asked, asks.had(who.teamId(), asked).answer(), clock.instant()));
        return view(question, access.memberNames(who.teamId()));
    }

    /**
     * Asks a kept question again, and tells what changed.
     *
     * @throws Refusal where the team keeps no such question
     */
    @Transactional(readOnly = true)
    public AskedAgain again(UUID teamId, UUID id) {
        KeptQuestion question = one(teamId, id);
        Had had = asks.had(teamId, question.asked());
        List<Statement> now = had.answer().statements();
        CitedPlaces places = asks.places(
                teamId,
                had,
                Stream.concat(now.stream(), question.statements().stream()).toList());
        List<AnswerChange> changes = AnswerChange.between(question.statements(), now);
        List<Novelty> novelties = changes.stream()
                .limit(now.size())
                .map(c -> new Novelty(
                        c.isSame() ? News.SAME : c.before() == null ? News.NEW : News.CHANGED,
                        c.isSame() || c.before() == null ? null : places.said(c.before())))
                .toList();
        List<AnswerStatement> gone = changes.stream()
                .skip(now.size())
                .map(c -> places.said(c.before()))
                .toList();
        return new AskedAgain(
                view(question, access.memberNames(teamId)),
                AskService.shown(question.asked(), had.answer(), places),
                novelties,
                gone);
    }

    /**
     * Keeps what the ledger says now in place of what is kept.
     *
     * @throws Refusal where somebody did so meanwhile
     */
    public KeptView renew(SignedIn who, UUID id, String ifMatch) {
        KeptQuestion question = one(who.teamId(), id);
        Map<UUID, String> members = access.memberNames(who.teamId());
        Versions.require(ifMatch, question.version(), () -> view(question, members));
        question.keep(asks.had(who.teamId(), question.asked()).answer(), clock.instant());
        return view(kept.saveAndFlush(question), members);
    }

    /** Lets go of a question. */
    public void letGo(UUID teamId, UUID id) {
        kept.delete(one(teamId, id));
    }

    private KeptQuestion one(UUID teamId, UUID id) {
        return kept.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("question"));
    }

    private static KeptView view(KeptQuestion q, Map<UUID, String> members) {
        return new KeptView(
                q.id(),
                q.version(),
                q.asked(),
                q.isAnswered(),
                q.askedOn(),
                members.getOrDefault(q.memberId(), "a former member"),
                q.keptAt());
    }
}
