package org.ledgerlamp.trials.soak;

import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.ledgerlamp.standins.MailPartner;
import org.ledgerlamp.trials.Member;

/** Minutes that were circulated, to an address of their own each. */
final class Circulating implements Work {
    private static final String PART = "WHOLE";

    private final List<String> circulated = new ArrayList<>();
    private final MailPartner mail;
    private final int folio;

    Circulating(Member member, MailPartner mail) throws IOException, InterruptedException {
        this.mail = mail;
        member.send(
                "PUT",
                "/api/post/account",
                Map.of(
                        "host", "127.0.0.1",
                        "port", mail.port(),
                        "safety", "NONE",
                        "sender", "lamp@skerry.example",
                        "senderName", "Ledger Lamp"));
        String title = "what is circulated";
        this.folio = Meetings.file(member, Meetings.drafted(member, Meetings.withTalk(member, title)));
    }

    @Override
    public String name() {
        return "letters ordered";
    }

    @Override
    public void doOne(Member member, int number) throws IOException, InterruptedException {
        String address = "reader-" + number + "@skerry.example";
        member.send(
                "POST",
                "/api/folios/" + folio + "/circulation",
                Map.of(
                        "form",
                        "TEXT",
                        "cover",
                        "As promised.",
                        "outside",
                        true,
                        "to",
                        List.of(Map.of("recipient", Map.of("name", "Reader", "address", address), "part", PART))));
        circulated.add(address);
    }

    @Override
    public int confirmed() {
        return circulated.size();
    }

    /**
     * A letter that was on its way when the application died is sent once more, as the same letter: whoever receives mail knows
     * it by its message id. Doubled is what comes as two letters.
     */
    @Override
    public Losses check(Member member) throws IOException, InterruptedException {
        Patience patience = new Patience();
        patience.until(() -> letters().keySet().containsAll(circulated));
        Map<String, Set<String>> letters = letters();
        int stuck = 0;
        int doubled = 0;
        for (String address : circulated) {
            int different = letters.getOrDefault(address, Set.of()).size();
            stuck += different == 0 ? 1 : 0;
            doubled += different > 1 ? 1 : 0;
        }
        return new Losses(0, doubled, stuck);
    }

    /** By address, the message ids of what came. */
    private Map<String, Set<String>> letters() {
        Map<String, Set<String>> letters = new HashMap<>();
        try {
            for (MimeMessage letter : mail.received()) {
                String address = letter.getAllRecipients()[0].toString().replaceAll(".*<|>.*", "");
                letters.computeIfAbsent(address, a -> new HashSet<>()).add(letter.getMessageID());
            }
        } catch (MessagingException e) {
            throw new IllegalStateException("a letter that was kept cannot be read", e);
        }
        return letters;
    }
}
