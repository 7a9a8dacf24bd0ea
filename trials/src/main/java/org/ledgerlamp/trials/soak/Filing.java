package org.ledgerlamp.trials.soak;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.ledgerlamp.trials.Member;
import tools.jackson.databind.JsonNode;

/** Minutes that were filed. */
final class Filing implements Work {
    private record Filed(String title, String minutes, int folio) {}

    private static final int MOST_WAITING = 3;
    private static final int BETWEEN_LOOKS_MS = 100;

    /** By what was ordered, the titles of meetings whose minutes are being drafted. */
    private final Map<String, String> toFile = new LinkedHashMap<>();

    private final List<Filed> filed = new ArrayList<>();

    @Override
    public String name() {
        return "minutes filed";
    }

    /** Drafts take longer than it is from one kill to the next: what was ordered before is filed once it is there. */
    @Override
    public void doOne(Member member, int number) throws IOException, InterruptedException {
        if (toFile.size() < MOST_WAITING) {
            String title = "the launch " + number;
            toFile.put(Meetings.order(member, Meetings.withTalk(member, title)), title);
        }
        for (String order : List.copyOf(toFile.keySet())) {
            String minutes = Meetings.minutes(member, order);
            if (minutes != null) {
                // Whether it was filed is not known where the line goes dead meanwhile.
                String title = toFile.remove(order);
                filed.add(new Filed(title, minutes, Meetings.file(member, minutes)));
            }
        }
        TimeUnit.MILLISECONDS.sleep(BETWEEN_LOOKS_MS);
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
