package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A talk with far more passages than a window can show: only those near sight are drawn, all can be reached. */
class LongTalkTest extends WithReview {
    private static final int PASSAGES = 1200;
    /** Deep in the talk. */
    private static final int ACTION_AT = 1000;

    private static final int LATER_HIT_AT = 1100;

    private final Locator.FilterOptions action = new Locator.FilterOptions().setHasText("gangway roller");

    @BeforeEach
    void aLongTalk() {
        StringBuilder talk = new StringBuilder();
        for (int i = 0; i < PASSAGES; i++) {
            String said =
                    switch (i) {
                        case ACTION_AT -> "I'll order the gangway roller by Friday.";
                        case LATER_HIT_AT -> "The roller was the green one.";
                        default -> "Turn " + i + " went round the pier, and the tide was as the tide is.";
                    };
            talk.append("[%02d:%02d:%02d] %s: %s%n"
                    .formatted(i / 720, i / 12 % 60, i % 12 * 5, i % 2 == 0 ? "Mira Voss" : "Tom Reyes", said));
        }
        title = "Long talk " + TALKS.incrementAndGet();
        draftOf(
                "long-2026-03-05.txt",
                talk.append("[04:00:00] Mira Voss: " + title).toString());
    }

    private Locator passage(int n) {
        return mira.page.locator("[data-passage='" + n + "']");
    }

    @Test
    void what_a_line_rests_on_is_lit_wherever_it_is_and_words_are_found_to_the_last_passage() {
        assertThat(passage(0)).isVisible();
        assertThat(passage(PASSAGES - 1)).hasCount(0);
        assertThat(mira.page.locator("[data-passage]").count()).isLessThan(100);

        mira.page.locator(".text").filter(action).first().click();
        assertThat(passage(ACTION_AT).locator("[data-lit]").first()).isInViewport();
        assertThat(passage(ACTION_AT)).hasAttribute("aria-posinset", String.valueOf(ACTION_AT + 1));
        assertThat(mira.page.locator("svg path[fill='url(#beam)']").first()).isVisible();

        mira.page.keyboard().press("f");
        mira.page.keyboard().type("roller");
        assertThat(mira.page.locator(".find [role=status]")).hasText("1 of 2");
        // While words are looked for, nothing leads to the line.
        assertThat(mira.page.locator("svg path[fill='url(#beam)']")).hasCount(0);
        mira.page.keyboard().press("Enter");
        assertThat(passage(LATER_HIT_AT).locator("[data-looked]")).isInViewport();
        mira.page.keyboard().press("Escape");
        assertThat(mira.page.locator("[data-looked]"))
                .hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(5000));

        mira.region("Passages").press("End");
        assertThat(passage(PASSAGES)).isInViewport();
        assertThat(passage(PASSAGES)).containsText(Pattern.compile("Long talk"));
    }
}
