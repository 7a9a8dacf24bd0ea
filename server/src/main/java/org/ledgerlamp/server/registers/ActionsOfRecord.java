package org.ledgerlamp.server.registers;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.ledgerlamp.server.minutes.LineKind;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The register of actions as it stands, for whoever asks about it. */
@Service
@Transactional(readOnly = true)
public class ActionsOfRecord {
    private final RegisterService registers;

    ActionsOfRecord(RegisterService registers) {
        this.registers = registers;
    }

    /**
     * Actions, those due first before the others.
     *
     * @param owners whose, or empty for everybody's
     * @param open only what is still to be done
     * @param overdue only what was due before today
     * @param most how many of each owner's, at least a page
     */
    public List<RegisterEntry> of(UUID teamId, List<UUID> owners, boolean open, boolean overdue, int most) {
        List<UUID> wanted = new ArrayList<>(owners);
        if (wanted.isEmpty()) {
            wanted.add(null);
        }
        return wanted.stream()
                .flatMap(owner -> registers
                        .atLeast(
                                teamId,
                                new RegisterService.Wanted(
                                        LineKind.ACTION, open, overdue, owner, null, List.of(), null, null, null),
                                most)
                        .entries()
                        .stream())
                .toList();
    }
}
