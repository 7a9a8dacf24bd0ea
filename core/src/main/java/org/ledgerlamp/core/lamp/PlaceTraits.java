package org.ledgerlamp.core.lamp;

import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.ledger.SaidFigure;
import org.ledgerlamp.core.ledger.SaidFigures;
import org.ledgerlamp.core.ledger.Stems;
import org.ledgerlamp.core.reading.Kind;

/**
 * What can be told of a sentence that may answer a question: how much of the subject is in the talk around it, how near
 * its meaning is, and whether it has the form of an answer. The weights were learned from the questions of two labelled
 * ledgers ({@link WeighedPlaces}) and rounded; learned from either alone they agree in sign (docs/quality.md).
 */
enum PlaceTraits {
    TALK_ABOUT_IT(7.4) {
        @Override
        double of(Look look, Seen seen) {
            return share(look, t -> seen.lens().density(t, seen.sentence().passage()));
        }
    },
    MEANING(7.2) {
        @Override
        double of(Look look, Seen seen) {
            return SentenceVectors.similarity(look.meaning(), seen.meaning());
        }
    },
    MEANING_WITH_WHAT_WAS_BEFORE(11.3) {
        @Override
        double of(Look look, Seen seen) {
            return SentenceVectors.similarity(look.meaning(), seen.meaningWithBefore());
        }
    },
    IN_THE_NAME_OF_THE_MEETING(5.2) {
        @Override
        double of(Look look, Seen seen) {
            Set<String> names = Stems.of(seen.lens().meeting().names());
            return share(look, t -> t.isIn(names) ? 1 : 0);
        }
    },
    FIGURE_ASKED_FOR(1) {
        @Override
        double of(Look look, Seen seen) {
            return on((look.asks(Aim.FIGURE) || look.asks(Aim.CHANGE)) && seen.hasFigure(false));
        }
    },
    DAY_ASKED_FOR(1.5) {
        @Override
        double of(Look look, Seen seen) {
            return on((look.asks(Aim.DAY) || look.asks(Aim.CHANGE)) && seen.hasFigure(true));
        }
    },
    OBJECTION_ASKED_FOR(4) {
        @Override
        double of(Look look, Seen seen) {
            return on(look.asks(Aim.OBJECTION)
                    && AGAINST.matcher(seen.sentence().text()).find());
        }
    },
    DECISION_ASKED_FOR(2) {
        @Override
        double of(Look look, Seen seen) {
            return on(look.asks(Aim.DECISION) && seen.carries(Kind.DECISION));
        }
    },
    ACTION_ASKED_FOR(2.2) {
        @Override
        double of(Look look, Seen seen) {
            return on((look.asks(Aim.ACTION) || look.asks(Aim.STATUS)) && seen.carries(Kind.ACTION));
        }
    },
    CARRIES_A_DECISION(1.5) {
        @Override
        double of(Look look, Seen seen) {
            return on(seen.carries(Kind.DECISION));
        }
    },
    ASKS_ITSELF(-1.9) {
        @Override
        double of(Look look, Seen seen) {
            return on(seen.sentence().text().endsWith("?"));
        }
    },
    SHORT(-1.5) {
        @Override
        double of(Look look, Seen seen) {
            return on(seen.sentence().text().split("\\s+").length < FEW_WORDS);
        }
    },
    IN_THE_PERIOD(2.7) {
        @Override
        double of(Look look, Seen seen) {
            Period period = look.wanted().period();
            return on(
                    period != null && period.holds(seen.lens().meeting().filed().date()));
        }
    },
    SAYS_A_DAY_OF_THE_PERIOD(5) {
        @Override
        double of(Look look, Seen seen) {
            Period period = look.wanted().period();
            return on(period != null
                    && Days.saysOneOf(
                            period,
                            seen.sentence().text(),
                            seen.lens().meeting().filed().date()));
        }
    },
    SAID_BY_WHO_IS_NAMED(2.9) {
        @Override
        double of(Look look, Seen seen) {
            String speaker = seen.lens().said(seen.sentence().passage()).speaker();
            return on(look.wanted().people().stream().anyMatch(p -> p.name().equals(speaker)));
        }
    },
    LATE_WHERE_THE_LAST_WORD_COUNTS(3.2) {
        @Override
        double of(Look look, Seen seen) {
            return LAST_WORD_COUNTS.contains(look.wanted().aim()) ? seen.lateness() : 0;
        }
    };

    private static final int FEW_WORDS = 5;
    private static final Set<Aim> LAST_WORD_COUNTS = Set.of(Aim.DECISION, Aim.STATUS, Aim.FIGURE, Aim.DAY, Aim.ACTION);
    private static final Pattern AGAINST = Pattern.compile(
            "\\b(?:against|don'?t (?:like|agree|want|think)|not (?:happy|sure|convinced|keen)|disagree|object|oppos\\p{L}*"
                    + "|abstain\\p{L}*|regret|on (?:the )?record|minut(?:e|ed|es)|i'?d (?:rather|wait|prefer|keep|stay)"
                    + "|rather|but i|no,|vote\\p{L}*|mistake|shouldn'?t|wrong)\\b",
            Pattern.CASE_INSENSITIVE);

    private final double weight;

    PlaceTraits(double weight) {
        this.weight = weight;
    }

    abstract double of(Look look, Seen seen);

    double weight() {
        return weight;
    }

    /** What a question looks for, made ready once. */
    record Look(Sought sought, Wanted wanted, float[] meaning) {
        boolean asks(Aim aim) {
            return wanted.aim() == aim;
        }
    }

    /**
     * A sentence under the lamp.
     *
     * @param lateness where its meeting stands among those looked at: 0 the earliest, 1 the latest
     */
    record Seen(TalkLens lens, TalkLens.Spoken sentence, double lateness, float[] meaning, float[] meaningWithBefore) {
        boolean carries(Kind kind) {
            return lens.meeting().filed().lines().stream()
                    .anyMatch(l -> l.kind() == kind && l.passage() == sentence.passage());
        }

        /** Whether a figure is said in it; a day, where days are meant. */
        boolean hasFigure(boolean day) {
            return SaidFigures.in(sentence.text(), lens.meeting().filed().date()).stream()
                    .anyMatch(f -> (f.kind() == SaidFigure.Kind.DATE) == day);
        }
    }

    /** How well a sentence answers a question; comparable among sentences of one question only. */
    static double weighed(Look look, Seen seen) {
        double sum = 0;
        for (PlaceTraits trait : values()) {
            sum += trait.weight * trait.of(look, seen);
        }
        return sum;
    }

    /** The share of what the subject's terms tell, each counted by how well it is held; 0 where there is no subject. */
    private static double share(Look look, ToDoubleFunction<Sought.Term> how) {
        double all = look.sought().weight();
        return all == 0 ? 0 : look.sought().held(how) / all;
    }

    private static double on(boolean is) {
        return is ? 1 : 0;
    }
}
