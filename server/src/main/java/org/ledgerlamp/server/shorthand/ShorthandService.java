package org.ledgerlamp.server.shorthand;

import java.util.UUID;
import org.ledgerlamp.core.source.Shorthand;
import org.ledgerlamp.server.common.Versions;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps each team's marks and abbreviations. */
@Service
@Transactional
public class ShorthandService {
    private final ShorthandSheets sheets;

    ShorthandService(ShorthandSheets sheets) {
        this.sheets = sheets;
    }

    /** What the team has defined, or nothing. */
    @Transactional(readOnly = true)
    public Shorthand of(UUID teamId) {
        return sheets.findByTeamId(teamId).map(ShorthandSheet::content).orElse(Shorthand.NONE);
    }

    ShorthandSheet sheet(UUID teamId) {
        return sheets.findByTeamId(teamId).orElseGet(() -> sheets.saveAndFlush(new ShorthandSheet(teamId)));
    }

    ShorthandSheet write(UUID teamId, Shorthand content, String ifMatch) {
        ShorthandSheet sheet = sheet(teamId);
        Versions.require(ifMatch, sheet.version(), () -> ShorthandView.of(sheet));
        sheet.write(content);
        return sheets.saveAndFlush(sheet);
    }
}
