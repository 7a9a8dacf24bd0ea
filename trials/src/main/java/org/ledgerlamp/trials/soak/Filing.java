package org.ledgerlamp.trials.soak;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.ledgerlamp.trials.Member;
import tools.jackson.databind.JsonNode;

/** Minutes that were filed. */
final class Filing implements Work {
    private record Filed(String title, String minutes, int folio) {}

    private final List<Filed> filed = new ArrayList<>();

    @Override
    public String name() {
        return "minutes filed";
    }

    @Override
    public void doOne(Member member, int number) throws IOException, InterruptedException {
        String title = "the launch " + number;
        String minutes = Meetings.drafted(member, Meetings.withTalk(member, title));
        filed.add(new Filed(title, minutes, Meetings.file(member, minutes)));
    }

    @Override
    public int confirmed() {
        return filed.size();
    }

    @Override
    public Losses check(Member member) throws IOException, InterruptedException {
        int lost = 0;
        int stuck = 0;
        Set<Integer> folios = new HashSet<>();
        int doubled = 0;
        Patience patience = new Patience();
        for (Filed one : filed) {
            JsonNode folio = member.json("/api/minutes/" + one.minutes);
            boolean there = folio.at("/filing/folio").asInt(0) == one.folio
                    && folio.at("/meeting/title").asString().equals(one.title);
            lost += there ? 0 : 1;
            doubled += folios.add(one.folio) ? 0 : 1;
            stuck += patience.until(() -> isInTheRegister(member, one)) ? 0 : 1;
        }
        return new Losses(lost, doubled, stuck);
    }

    /** What filing brings with it, some of it in the background: the folio's place on the shelf. */
    private static boolean isInTheRegister(Member member, Filed one) throws IOException, InterruptedException {
        return member.json("/api/folios/" + one.folio + "/shelf").isObject();
    }
}
