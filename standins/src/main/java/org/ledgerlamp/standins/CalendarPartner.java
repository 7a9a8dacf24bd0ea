package org.ledgerlamp.standins;

import com.sun.net.httpserver.BasicAuthenticator;
import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A small calendar server with one member and one calendar: CalDAV (RFC 4791) as far as discovery, PROPFIND, REPORT by time or UID
 * range, GET, PUT and DELETE with entity tags go, and the same calendar as a feed.
 */
public final class CalendarPartner implements AutoCloseable {
    /** Who may sign in, and with what; made up. */
    public static final String USER = "mira";

    public static final String PASSWORD = "tide and timber";

    private static final String PRINCIPAL = "/principals/mira/";
    private static final String HOME = "/calendars/mira/";
    private static final String CALENDAR = HOME + "ferries/";
    private static final String FEED = "/feeds/ferries.ics";
    private static final Pattern UID_MATCH = Pattern.compile("<c:text-match[^>]*>([^<]*)</c:text-match>");
    private static final Pattern TIME_RANGE = Pattern.compile("start=\"(\\d{8})T\\d{6}Z\"\\s+end=\"(\\d{8})T");
    private static final Pattern START = Pattern.compile("(?m)^DTSTART[^:\\r\\n]*:(\\d{8})");

    private final HttpServer http;
    private final Map<String, Entry> entries = new TreeMap<>();
    private final AtomicInteger changes = new AtomicInteger();

    /** A file of the calendar and the tag that changes with it. */
    private record Entry(String file, String tag) {}

    /**
     * Starts on loopback.
     *
     * @param port or 0 for any
     */
    public CalendarPartner(int port) throws IOException {
        http = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        http.setExecutor(
                Executors.newCachedThreadPool(Thread.ofPlatform().daemon().factory()));
        http.createContext("/", this::answer).setAuthenticator(new BasicAuthenticator("ferries") {
            @Override
            public boolean checkCredentials(String user, String password) {
                return USER.equals(user) && PASSWORD.equals(password);
            }
        });
        http.createContext(FEED, this::feed);
        http.start();
    }

    /** Where a member who looks for calendars begins. */
    public String address() {
        return "http://127.0.0.1:" + http.getAddress().getPort() + "/";
    }

    /** Where the calendar itself is. */
    public String calendarAddress() {
        return address() + CALENDAR.substring(1);
    }

    /** Where the calendar is as a feed. */
    public String feedAddress() {
        return address() + FEED.substring(1);
    }

    /** Puts a file into the calendar, in place of one of that name. */
    public synchronized void put(String name, String file) {
        entries.put(name, new Entry(file, "\"" + changes.incrementAndGet() + "\""));
    }

    /** Takes a file out of the calendar. */
    public synchronized void remove(String name) {
        entries.remove(name);
    }

    /** What the calendar has under a name, or null. */
    public synchronized String file(String name) {
        Entry entry = entries.get(name);
        return entry == null ? null : entry.file();
    }

    /** The names of what the calendar has. */
    public synchronized List<String> names() {
        return List.copyOf(entries.keySet());
    }

    @Override
    public void close() {
        http.stop(0);
    }

    private void feed(HttpExchange exchange) throws IOException {
        StringBuilder all = new StringBuilder("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Skerry Line//EN\r\n");
        synchronized (this) {
            for (Entry entry : entries.values()) {
                all.append(entry.file().replaceAll("(?s)^.*?(?=BEGIN:VEVENT)|END:VCALENDAR\\s*$", ""));
            }
        }
        reply(
                exchange,
                200,
                "text/calendar; charset=utf-8",
                all.append("END:VCALENDAR\r\n").toString());
    }

    private void answer(HttpExchange exchange) throws IOException {
        String path = exchange.getRequestURI().getPath();
        String body = new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.UTF_8);
        switch (exchange.getRequestMethod()) {
            case "OPTIONS" -> {
                exchange.getResponseHeaders().set("DAV", "1, calendar-access");
                reply(exchange, 200, "text/plain", "");
            }
            case "PROPFIND" -> propfind(exchange, path);
            case "REPORT" -> report(exchange, path, body);
            case "GET" -> get(exchange, path);
            case "PUT" -> put(exchange, path, body);
            case "DELETE" -> delete(exchange, path);
            default -> reply(exchange, 405, "text/plain", "");
        }
    }

    private void propfind(HttpExchange exchange, String path) throws IOException {
        String principal = "<d:current-user-principal><d:href>" + PRINCIPAL + "</d:href></d:current-user-principal>";
        String home = "<c:calendar-home-set><d:href>" + HOME + "</d:href></c:calendar-home-set>";
        String calendar = response(
                CALENDAR,
                "<d:resourcetype><d:collection/><c:calendar/></d:resourcetype><d:displayname>Ferries</d:displayname>");
        switch (path) {
            case "/", "/.well-known/caldav" -> multiStatus(exchange, response(path, "<d:resourcetype/>" + principal));
            case PRINCIPAL -> multiStatus(exchange, response(PRINCIPAL, "<d:resourcetype/>" + home));
            case HOME ->
                multiStatus(exchange, response(HOME, "<d:resourcetype><d:collection/></d:resourcetype>") + calendar);
            case CALENDAR -> multiStatus(exchange, calendar);
            default -> reply(exchange, 404, "text/plain", "");
        }
    }

    private void report(HttpExchange exchange, String path, String body) throws IOException {
        if (!path.equals(CALENDAR)) {
            reply(exchange, 404, "text/plain", "");
            return;
        }
        Matcher range = TIME_RANGE.matcher(body);
        String from = range.find() ? range.group(1) : "00000000";
        String until = from.equals("00000000") ? "99999999" : range.group(2);
        Matcher uid = UID_MATCH.matcher(body);
        String wanted = uid.find() ? "UID:" + uid.group(1) : "";
        StringBuilder found = new StringBuilder();
        synchronized (this) {
            entries.forEach((name, entry) -> {
                if (isWithin(entry.file(), from, until) && entry.file().contains(wanted)) {
                    found.append(response(
                            CALENDAR + name,
                            "<d:getetag>" + escaped(entry.tag()) + "</d:getetag><c:calendar-data>"
                                    + escaped(entry.file()) + "</c:calendar-data>"));
                }
            });
        }
        multiStatus(exchange, found.toString());
    }

    /** A series may have an occurrence then; a single meeting begins then or does not. */
    private static boolean isWithin(String file, String from, String until) {
        if (file.contains("\nRRULE:")) {
            return true;
        }
        Matcher start = START.matcher(file.substring(Math.max(0, file.indexOf("BEGIN:VEVENT"))));
        return start.find()
                && start.group(1).compareTo(from) >= 0
                && start.group(1).compareTo(until) < 0;
    }

    private synchronized void get(HttpExchange exchange, String path) throws IOException {
        Entry entry = entries.get(name(path));
        if (entry == null) {
            reply(exchange, 404, "text/plain", "");
            return;
        }
        exchange.getResponseHeaders().set("ETag", entry.tag());
        reply(exchange, 200, "text/calendar; charset=utf-8", entry.file());
    }

    private synchronized void put(HttpExchange exchange, String path, String body) throws IOException {
        Entry before = entries.get(name(path));
        String ifMatch = exchange.getRequestHeaders().getFirst("If-Match");
        boolean mustBeNew = exchange.getRequestHeaders().containsKey("If-None-Match");
        if (mustBeNew && before != null || ifMatch != null && (before == null || !ifMatch.equals(before.tag()))) {
            reply(exchange, 412, "text/plain", "");
            return;
        }
        put(name(path), body);
        exchange.getResponseHeaders().set("ETag", entries.get(name(path)).tag());
        reply(exchange, before == null ? 201 : 204, "text/plain", "");
    }

    private synchronized void delete(HttpExchange exchange, String path) throws IOException {
        reply(exchange, entries.remove(name(path)) == null ? 404 : 204, "text/plain", "");
    }

    private static String name(String path) {
        return path.startsWith(CALENDAR) ? path.substring(CALENDAR.length()) : path;
    }

    private static String response(String href, String properties) {
        return "<d:response><d:href>" + href + "</d:href><d:propstat><d:prop>" + properties
                + "</d:prop><d:status>HTTP/1.1 200 OK</d:status></d:propstat></d:response>";
    }

    private static void multiStatus(HttpExchange exchange, String responses) throws IOException {
        reply(
                exchange,
                207,
                "application/xml; charset=utf-8",
                "<?xml version=\"1.0\" encoding=\"utf-8\"?><d:multistatus xmlns:d=\"DAV:\" xmlns:c=\"urn:ietf:params:xml:ns:caldav\">"
                        + responses + "</d:multistatus>");
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }

    private static void reply(HttpExchange exchange, int status, String type, String body) throws IOException {
        byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().set("Content-Type", type);
        boolean empty = bytes.length == 0 || status == 204;
        exchange.sendResponseHeaders(status, empty ? -1 : bytes.length);
        if (!empty) {
            exchange.getResponseBody().write(bytes);
        }
        exchange.close();
    }
}
