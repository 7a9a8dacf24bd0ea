package org.ledgerlamp.server.strands;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.ledgerlamp.core.ledger.SaidFigure;
import org.ledgerlamp.core.ledger.Strand;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.lamp.SubjectPlaces;
import org.ledgerlamp.server.lamp.SubjectPlaces.SpokenPlace;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Strands over HTTP. */
@RestController
@Transactional(readOnly = true)
class StrandController {
    private final SubjectPlaces places;

    StrandController(SubjectPlaces places) {
        this.places = places;
    }

    record StrandPoint(String placeId, LocalDate date, double value, String words) {}

    record StrandCourse(SaidFigure.Kind kind, String unit, List<StrandPoint> points) {}

    /**
     * The strand.
     *
     * @param places earliest first
     * @param courses figures said more than once, the fullest first
     * @param more whether there are more places than one strand shows
     */
    record StrandView(String about, List<SpokenPlace> places, List<StrandCourse> courses, boolean more) {}

    @GetMapping("/api/strand")
    StrandView of(@AuthenticationPrincipal SignedIn who, @RequestParam @NotBlank @Size(max = 120) String about) {
        SubjectPlaces.Found found = places.of(who.teamId(), about);
        Map<String, SpokenPlace> byId = new HashMap<>();
        List<Strand.Text> texts = new ArrayList<>();
        for (SpokenPlace p : found.places()) {
            if (Strand.speaksOf(about, p.text())) {
                byId.put(p.id(), p);
                texts.add(new Strand.Text(p.id(), p.date(), p.text()));
            }
        }
        Strand strand = Strand.of(about, texts);
        return new StrandView(
                about,
                strand.places().stream().map(p -> byId.get(p.text().id())).toList(),
                strand.courses().stream()
                        .map(c -> new StrandCourse(
                                c.kind(),
                                c.unit(),
                                c.points().stream()
                                        .map(p -> new StrandPoint(p.placeId(), p.day(), p.value(), p.words()))
                                        .toList()))
                        .toList(),
                found.more());
    }
}
