package org.ledgerlamp.server.calendar;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.outgoing.ForbiddenAddress;
import org.ledgerlamp.server.outgoing.OutgoingHttp;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.SAXException;

/** Speaks with a calendar's server: a feed over HTTP, or CalDAV (RFC 4791) with discovery by RFC 6764 and RFC 5397. */
final class CalendarServer {
    private static final String DAV = "DAV:";
    private static final String CALDAV = "urn:ietf:params:xml:ns:caldav";
    private static final Duration PATIENCE = Duration.ofSeconds(30);
    private static final String NO_CALENDAR =
            "No calendar answers there: the server cannot be reached, has none, or name and password do not fit.";
    private static final int MOST_BYTES = 20 << 20;
    private static final int MULTI_STATUS = 207;
    private static final int NOT_FOUND = 404;
    private static final int GONE = 410;
    private static final int PRECONDITION_FAILED = 412;

    private static final String FIND_PROPERTIES =
            """
            <?xml version="1.0" encoding="utf-8"?>
            <d:propfind xmlns:d="DAV:" xmlns:c="urn:ietf:params:xml:ns:caldav">
              <d:prop><d:resourcetype/><d:displayname/><d:current-user-principal/><c:calendar-home-set/></d:prop>
            </d:propfind>
            """;

    /** What a calendar is asked with (RFC 4791, 7.8): all entries that a filter lets through. */
    private static final String ENTRIES_WITH =
            """
            <?xml version="1.0" encoding="utf-8"?>
            <c:calendar-query xmlns:d="DAV:" xmlns:c="urn:ietf:params:xml:ns:caldav">
              <d:prop><d:getetag/><c:calendar-data/></d:prop>
              <c:filter><c:comp-filter name="VCALENDAR"><c:comp-filter name="VEVENT">
                %s
              </c:comp-filter></c:comp-filter></c:filter>
            </c:calendar-query>
            """;

    private final OutgoingHttp http;
    private final UUID teamId;
    private final URI address;
    private final @Nullable String authorization;

    /**
     * @param teamId whose connection it is
     * @param username with which to sign in, or null
     */
    CalendarServer(OutgoingHttp http, UUID teamId, URI address, @Nullable String username, @Nullable String secret) {
        this.http = http;
        this.teamId = teamId;
        this.address = address;
        String pair = username + ":" + (secret == null ? "" : secret);
        this.authorization = username == null
                ? null
                : "Basic " + Base64.getEncoder().encodeToString(pair.getBytes(StandardCharsets.UTF_8));
    }

    /** A calendar that the server offers. */
    record Offered(String name, URI address) {}

    /** The file of a feed. */
    byte[] feed() throws CalendarUnreachable {
        return exchange(request(address).GET().build()).wanted(200);
    }

    /** The entries of a collection from one day to another, each as a file of its own. */
    List<byte[]> entries(LocalDate from, LocalDate until) throws CalendarUnreachable {
        Document answer =
                query("<c:time-range start=\"%sT000000Z\" end=\"%sT000000Z\"/>".formatted(basic(from), basic(until)));
        List<byte[]> files = new ArrayList<>();
        NodeList data = answer.getElementsByTagNameNS(CALDAV, "calendar-data");
        for (int i = 0; i < data.getLength(); i++) {
            files.add(data.item(i).getTextContent().getBytes(StandardCharsets.UTF_8));
        }
        return files;
    }

    private Document query(String filter) throws CalendarUnreachable {
        return xml(dav("REPORT", address, "1", ENTRIES_WITH.formatted(filter)));
    }

    /** Where a meeting stands in a collection. */
    record Place(URI href, byte[] file, @Nullable String tag) {}

    /** Finds the file of a meeting by what the calendar calls it. */
    Optional<Place> find(String uid) throws CalendarUnreachable {
        String called = uid.replace("&", "&amp;").replace("<", "&lt;");
        NodeList responses = query(
                        "<c:prop-filter name=\"UID\"><c:text-match collation=\"i;octet\">%s</c:text-match></c:prop-filter>"
                                .formatted(called))
                .getElementsByTagNameNS(DAV, "response");
        for (int i = 0; i < responses.getLength(); i++) {
            Element response = (Element) responses.item(i);
            String data = text(response, CALDAV, "calendar-data");
            // Long lines are folded (RFC 5545, 3.1).
            if (data.replaceAll("\\r?\\n[ \\t]", "").contains(uid)) {
                String tag = text(response, DAV, "getetag");
                return Optional.of(new Place(
                        address.resolve(text(response, DAV, "href")),
                        data.getBytes(StandardCharsets.UTF_8),
                        tag.isBlank() ? null : tag.strip()));
            }
        }
        return Optional.empty();
    }

    /** What a collection has under an address, and its tag where the server gives one. */
    record Kept(byte[] file, @Nullable String tag) {}

    /** The file at an address of the collection; empty where there is none. */
    Optional<Kept> file(URI at) throws CalendarUnreachable {
        Reply reply = exchange(request(at).GET().build());
        if (reply.status() == NOT_FOUND || reply.status() == GONE) {
            return Optional.empty();
        }
        return Optional.of(new Kept(reply.wanted(200), reply.tag()));
    }

    /**
     * Writes a file.
     *
     * @param tag that the file there must have, or null where there must be none
     * @return the file's new tag; empty where it is not what it has to be and nothing was written
     */
    Optional<Written> write(URI at, byte[] file, @Nullable String tag) throws CalendarUnreachable {
        HttpRequest.Builder request = request(at)
                .header("Content-Type", "text/calendar; charset=utf-8")
                .PUT(HttpRequest.BodyPublishers.ofByteArray(file));
        Reply reply = exchange(
                (tag == null ? request.header("If-None-Match", "*") : request.header("If-Match", tag)).build());
        if (reply.status() == PRECONDITION_FAILED) {
            return Optional.empty();
        }
        reply.wanted(200, 201, 204);
        return Optional.of(new Written(reply.tag()));
    }

    /** @param tag what the server calls the file as it now stands, or null where it does not say */
    record Written(@Nullable String tag) {}

    /** The calendars to be found from the address: itself where it is one, or those in the home of whoever signs in. */
    List<Offered> calendars() throws CalendarUnreachable {
        Document here = xml(dav("PROPFIND", address, "0", FIND_PROPERTIES));
        List<Offered> found = collections(here);
        if (!found.isEmpty()) {
            return found;
        }
        URI home = link(here, CALDAV, "calendar-home-set");
        if (home == null) {
            URI principal = link(here, DAV, "current-user-principal");
            if (principal == null) {
                throw new CalendarUnreachable("There is no calendar at " + address + ", and no hint where one is.");
            }
            home = link(xml(dav("PROPFIND", principal, "0", FIND_PROPERTIES)), CALDAV, "calendar-home-set");
        }
        if (home == null) {
            throw new CalendarUnreachable("The server does not say where the calendars of its member are.");
        }
        return collections(xml(dav("PROPFIND", home, "1", FIND_PROPERTIES)));
    }

    private List<Offered> collections(Document answer) {
        List<Offered> found = new ArrayList<>();
        NodeList responses = answer.getElementsByTagNameNS(DAV, "response");
        for (int i = 0; i < responses.getLength(); i++) {
            Element response = (Element) responses.item(i);
            if (response.getElementsByTagNameNS(CALDAV, "calendar").getLength() > 0) {
                URI at = address.resolve(text(response, DAV, "href"));
                String name = text(response, DAV, "displayname");
                found.add(new Offered(name.isBlank() ? at.getPath() : name, at));
            }
        }
        return found;
    }

    private @Nullable URI link(Document answer, String space, String property) {
        NodeList properties = answer.getElementsByTagNameNS(space, property);
        for (int i = 0; i < properties.getLength(); i++) {
            String href = text((Element) properties.item(i), DAV, "href");
            if (!href.isBlank()) {
                return address.resolve(href);
            }
        }
        return null;
    }

    private static String text(Element within, String space, String name) {
        NodeList found = within.getElementsByTagNameNS(space, name);
        return found.getLength() == 0 ? "" : found.item(0).getTextContent().strip();
    }

    private byte[] dav(String method, URI at, String depth, String body) throws CalendarUnreachable {
        return exchange(request(at)
                        .header("Depth", depth)
                        .header("Content-Type", "application/xml; charset=utf-8")
                        .method(method, HttpRequest.BodyPublishers.ofString(body))
                        .build())
                .wanted(MULTI_STATUS);
    }

    private HttpRequest.Builder request(URI at) {
        HttpRequest.Builder request = HttpRequest.newBuilder(at);
        if (authorization != null && at.getAuthority().equals(address.getAuthority())) {
            request.header("Authorization", authorization);
        }
        return request;
    }

    /** What a server answered. */
    private record Reply(int status, byte[] body, @Nullable String tag) {
        byte[] wanted(Integer... statuses) throws CalendarUnreachable {
            if (!List.of(statuses).contains(status)) {
                throw new CalendarUnreachable(NO_CALENDAR, new IOException("status " + status));
            }
            return body;
        }
    }

    /** What went wrong is told in one way, so that nobody learns from it which doors of our own network are open. */
    private Reply exchange(HttpRequest request) throws CalendarUnreachable {
        try {
            OutgoingHttp.Reply reply = http.exchange(teamId, request, PATIENCE, MOST_BYTES);
            return new Reply(
                    reply.status(),
                    reply.body(),
                    reply.headers().firstValue("ETag").orElse(null));
        } catch (ForbiddenAddress e) {
            throw new CalendarUnreachable(e.getMessage(), e);
        } catch (IOException e) {
            throw new CalendarUnreachable(NO_CALENDAR, e);
        }
    }

    private static Document xml(byte[] bytes) throws CalendarUnreachable {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setNamespaceAware(true);
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            return factory.newDocumentBuilder().parse(new ByteArrayInputStream(bytes));
        } catch (ParserConfigurationException | SAXException | IOException e) {
            throw new CalendarUnreachable("The server's answer is no XML as CalDAV wants it.", e);
        }
    }

    private static String basic(LocalDate day) {
        return day.toString().replace("-", "");
    }
}
