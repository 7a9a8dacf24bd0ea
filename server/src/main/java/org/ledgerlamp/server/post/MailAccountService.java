package org.ledgerlamp.server.post;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.Secrets;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the team's mail server. */
@Service
@Transactional
public class MailAccountService {
    private final MailAccounts accounts;
    private final PostRoom room;
    private final Secrets secrets;

    MailAccountService(MailAccounts accounts, PostRoom room, Secrets secrets) {
        this.accounts = accounts;
        this.room = room;
        this.secrets = secrets;
    }

    /**
     * The mail server as the browser gets it, without its secret.
     *
     * @param set whether there is one; all else is null where there is none
     */
    record AccountView(
            boolean set,
            @Nullable String host,
            @Nullable Integer port,
            @Nullable Safety safety,
            @Nullable String username,
            boolean hasSecret,
            @Nullable String sender,
            @Nullable String senderName) {
        static final AccountView NONE = new AccountView(false, null, null, null, null, false, null, null);
    }

    @Transactional(readOnly = true)
    AccountView of(UUID teamId) {
        return accounts.findByTeamId(teamId).map(MailAccountService::view).orElse(AccountView.NONE);
    }

    /** Keeps the server; whatever waits is tried with it at once. */
    AccountView keep(UUID teamId, MailAccountFacts facts) {
        MailAccount account = accounts.findByTeamId(teamId).orElseGet(() -> new MailAccount(teamId));
        String secret = facts.secret();
        account.change(facts, secret == null || secret.isEmpty() ? null : secrets.hidden(secret));
        accounts.saveAndFlush(account);
        room.hurry(teamId);
        return view(account);
    }

    /** Keeps a server that wants nobody to sign in and does not encrypt: one on this machine. */
    public void keepLocal(UUID teamId, String host, int port, String sender, String senderName) {
        keep(teamId, new MailAccountFacts(host, port, Safety.NONE, null, null, sender, senderName));
    }

    private static AccountView view(MailAccount a) {
        return new AccountView(
                true, a.host(), a.port(), a.safety(), a.username(), a.secret() != null, a.sender(), a.senderName());
    }
}
