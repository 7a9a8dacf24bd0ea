package org.ledgerlamp.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;

/** One person at one browser, and everything the browser complained about or asked for beyond its origin. */
final class Desk implements AutoCloseable {
    static final int WIDTH = 1280;
    static final int HEIGHT = 800;
    private static final int PATIENCE_MS = 30_000;

    private final BrowserContext context;
    private final List<String> complaints = new ArrayList<>();
    final Page page;

    Desk(Browser browser, String address, int width, ColorScheme scheme) {
        context = browser.newContext(new Browser.NewContextOptions()
                .setBaseURL(address)
                .setViewportSize(width, HEIGHT)
                .setColorScheme(scheme));
        page = context.newPage();
        page.setDefaultTimeout(PATIENCE_MS);
        page.onRequest(request -> {
            String url = request.url();
            if (!url.startsWith(address) && !url.startsWith("data:") && !url.startsWith("blob:")) {
                complaints.add("asked beyond its origin: " + url);
            }
        });
        page.onPageError(error -> complaints.add("script failed: " + error));
        page.onConsoleMessage(message -> {
            boolean refusedRequest = message.text().startsWith("Failed to load resource");
            if (message.type().equals("error") && !refusedRequest) {
                complaints.add("console: " + message.text());
            }
        });
    }

    /** What went wrong unseen. */
    List<String> complaints() {
        return complaints;
    }

    BrowserContext context() {
        return context;
    }

    Desk signIn(String email, String password) {
        page.navigate("/");
        page.getByLabel("Email address").fill(email);
        page.getByLabel("Password").fill(password);
        button("Sign in").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Waiting for you")))
                .isVisible();
        return this;
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator link(String name) {
        return page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator heading(String name) {
        return page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** A field by exactly the words beside it. */
    Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    /** A part of the page by the name it has for a screen reader. */
    Locator region(String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** The lines of a section of the minutes. */
    Locator lines(String section) {
        return region(section).locator(".text");
    }

    @Override
    public void close() {
        context.close();
    }
}
