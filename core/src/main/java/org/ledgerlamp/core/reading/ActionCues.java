package org.ledgerlamp.core.reading;

/** The turns of phrase that give an action away: promised, requested, wanted with no taker; and what speaks against one. */
final class ActionCues {
    static final CueTable PROMISE = new CueTable()
            .cue(
                    0.75,
                    "taken on",
                    "leave (?:it|that|this|them) (?:with|to) me|i'm on it|consider it done|that's (?:one for me|mine|on me)|i'll (?:do|sort|take|handle|see to|deal with) (?:it|that|this|them|those)|put me down")
            .cue(
                    0.5,
                    "promise in first person",
                    "i'll (?:\\w+ ){0,2}?" + Deeds.VERB + "|i will (?:\\w+ ){0,1}?" + Deeds.VERB
                            + "|i'm (?:going to|gonna|gonnae) (?:\\w+ )?" + Deeds.VERB + "|i shall (?:\\w+ )?"
                            + Deeds.VERB + "|i'll have (?:it|that|them|those|the|a|an|one)")
            .cue(
                    0.4,
                    "obligation in first person",
                    "i(?:'ll)? (?:need|have|'ve got|want) to (?:\\w+ )?" + Deeds.VERB
                            + "|i've (?:got|still got|yet) to (?:\\w+ )?" + Deeds.VERB + "|i'd better (?:\\w+ )?"
                            + Deeds.VERB + "|i must (?:\\w+ )?" + Deeds.VERB)
            .cue(
                    0.35,
                    "offer in first person",
                    "i can (?:\\w+ )?" + Deeds.VERB + "|let me (?:\\w+ )?" + Deeds.VERB + "|i could (?:\\w+ )?"
                            + Deeds.VERB + "|happy to (?:\\w+ )?" + Deeds.VERB)
            .cue(
                    0.4,
                    "promise of some deed",
                    "(?:i'll|i will|i'm (?:going to|gonna)) (?:just |also |then |certainly |definitely )?" + Deeds.ANY
                            + "|i (?:do|take|make|write|bring|send) (?:it|that|them|those|this|a|the) (?:\\w+ ){0,3}");
    static final CueTable REQUEST = new CueTable()
            .cue(
                    0.4,
                    "request",
                    "(?:can|could|will|would) (?:you|ye|youse)(?: \\w+){0,2}? " + Deeds.VERB
                            + "|would you mind|(?:i'd|i would) like you to|i want you to|i need you to|if you(?: could|'d| can| would)? (?:just )?"
                            + Deeds.VERB)
            .cue(
                    0.35,
                    "assigned to the one addressed",
                    "you'll (?:need to |have to )?" + Deeds.VERB + "|you (?:need|have|want|ought) to " + Deeds.VERB
                            + "|you should " + Deeds.VERB + "|please " + Deeds.VERB);
    static final CueTable WANTED = new CueTable()
            .cue(
                    0.55,
                    "wanted, nobody named",
                    "(?:someone|somebody|one of us|one of you|anyone|anybody)(?:'s| is| has| needs?| should| ought| must| will|'ll|'d better)(?: \\w+){0,2}? "
                            + Deeds.VERB + "|(?:someone|somebody) (?:to|ought to|should) " + Deeds.VERB)
            .cue(
                    0.55,
                    "somebody ought to",
                    "(?:someone|somebody|one of us|one of you)(?: really| please)*(?: needs? to| has to| should| ought to| must|'d better) (?:really |please )?"
                            + Deeds.ANY)
            .cue(
                    0.3,
                    "the group is to",
                    "we(?:'ll)? (?:need|have|'ve got|ought) to (?:\\w+ )?" + Deeds.VERB + "|we must " + Deeds.VERB
                            + "|we should (?:\\w+ )?" + Deeds.VERB
                            + "|(?:needs?|has|have|wants) to be \\w+(?:ed|t|n|ne)|needs? \\w+ing");
    static final CueTable AGAINST = new CueTable()
            .cue(
                    0.6,
                    "reported or past",
                    "yesterday|last (?:week|month|year|time|night)|used to|would have|should have|could have|i'd have|said (?:he|she|they)'?d?|ago|was going to")
            .cue(
                    0.6,
                    "a habit",
                    "always|every (?:week|day|morning|month|time|year|single)|usually|normally|generally|most (?:weeks|days)|never")
            .cue(0.5, "hypothetical", "if i were|suppose|imagine|wouldn't|in theory|one day")
            .cue(
                    0.75,
                    "declined",
                    "i (?:can't|won't|couldn't|cannot|shan't)|i'm not (?:going to|gonna|doing)|don't (?:bother|worry)|no need");

    private ActionCues() {}
}
