package org.ledgerlamp.standins;

import java.util.List;

/** The recorder's own page: what a panel with buttons would be on a real one. */
final class RecorderPage {
    private static final List<Integer> SPEEDS = List.of(1, 5, 20, 60);

    private RecorderPage() {}

    static String of(List<RecorderScript> scripts, RecorderSession session) {
        StringBuilder page = new StringBuilder(
                """
                <!doctype html><html lang="en"><head><meta charset="utf-8"><title>Skerry Line recorder</title>
                <style>body{font:16px/1.5 system-ui;max-width:36em;margin:3em auto;padding:0 1em}
                select,button{font:inherit;padding:.3em .7em}</style></head><body>
                <h1>Skerry Line recorder</h1><p>It plays scripted meetings instead of listening.</p>
                """);
        if (session != null) {
            page.append("<p role=\"status\"><b>")
                    .append(escaped(session.script().title()))
                    .append("</b>: ")
                    .append(session.state().name().toLowerCase(java.util.Locale.ROOT))
                    .append(", ")
                    .append(session.heard())
                    .append(" of ")
                    .append(session.script().segments().size())
                    .append(" segments heard</p>");
        }
        boolean running = session != null && session.state() != RecorderSession.State.ENDED;
        page.append("<form method=\"post\">");
        if (running) {
            boolean paused = session.state() == RecorderSession.State.PAUSED;
            page.append(button(paused ? "resume" : "pause")).append(' ').append(button("stop"));
        } else {
            page.append("<label>Meeting <select name=\"script\">");
            for (int i = 0; i < scripts.size(); i++) {
                page.append("<option value=\"")
                        .append(i)
                        .append("\">")
                        .append(escaped(scripts.get(i).title()))
                        .append(", ")
                        .append(Math.round(scripts.get(i).seconds() / 60))
                        .append(" min</option>");
            }
            page.append("</select></label> <label>Speed <select name=\"speed\">");
            SPEEDS.forEach(s -> page.append("<option value=\"")
                    .append(s)
                    .append("\">× ")
                    .append(s)
                    .append("</option>"));
            page.append("</select></label> ").append(button("start"));
        }
        return page.append("</form></body></html>\n").toString();
    }

    private static String button(String press) {
        return "<button name=\"press\" value=\"" + press + "\">" + press + "</button>";
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace("\"", "&quot;");
    }
}
