package org.ledgerlamp.standins;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;

/** Shows on a page what the mail server got, newest first. */
final class MailPage implements AutoCloseable {
    private final HttpServer http;
    private final MailPartner mail;

    /** Starts on loopback. */
    MailPage(int port, MailPartner mail) throws IOException {
        this.mail = mail;
        http = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        http.createContext("/", this::answer);
        http.start();
    }

    private void answer(HttpExchange exchange) throws IOException {
        StringBuilder page = new StringBuilder(
                """
                <!doctype html><html lang="en"><head><meta charset="utf-8"><title>Skerry Line mail</title>
                <style>body{font:16px/1.5 system-ui;max-width:44em;margin:3em auto;padding:0 1em}pre{white-space:pre-wrap}</style>
                </head><body><h1>Letters that arrived</h1>
                """);
        for (MimeMessage letter : mail.received().reversed()) {
            page.append("<details><summary>")
                    .append(escaped(head(letter)))
                    .append("</summary><pre>")
                    .append(escaped(MailPartner.text(letter)))
                    .append("</pre></details>");
        }
        byte[] bytes = page.append("</body></html>\n").toString().getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().set("Content-Type", "text/html; charset=utf-8");
        exchange.sendResponseHeaders(200, bytes.length);
        exchange.getResponseBody().write(bytes);
        exchange.close();
    }

    private static String head(MimeMessage letter) {
        try {
            return letter.getSubject() + " · to " + letter.getAllRecipients()[0];
        } catch (MessagingException e) {
            throw new IllegalStateException("a letter that was kept cannot be read", e);
        }
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }

    /** Where it is. */
    String address() {
        return "http://127.0.0.1:" + http.getAddress().getPort() + "/";
    }

    @Override
    public void close() {
        http.stop(0);
    }
}
