package org.ledgerlamp.server;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.ledgerlamp.server.access.SignedIn;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.RequestPostProcessor;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Does over HTTP what a signed-in member does in the browser. */
public final class Desk {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final MockMvc http;
    private final SignedIn who;
    /** What every request carries, so that it is known whose it is. */
    private final RequestPostProcessor credentials;

    Desk(MockMvc http, SignedIn who) {
        this(http, who, request -> csrf().postProcessRequest(user(who).postProcessRequest(request)));
    }

    private Desk(MockMvc http, SignedIn who, RequestPostProcessor credentials) {
        this.http = http;
        this.who = who;
        this.credentials = credentials;
    }

    /** The same member's program: with an access token, and no session. */
    public Desk carrying(String token) {
        return new Desk(http, who, request -> {
            request.addHeader("Authorization", "Bearer " + token);
            return request;
        });
    }

    /** The same, who would rather something (RFC 7240). */
    public Desk preferring(String what) {
        return new Desk(http, who, request -> {
            request.addHeader("Prefer", what);
            return credentials.postProcessRequest(request);
        });
    }

    public SignedIn who() {
        return who;
    }

    /** What came back: status and body. */
    public record Answer(int status, JsonNode body, String etag) {
        public JsonNode at(String pointer) {
            return body.at(pointer);
        }

        public String text(String pointer) {
            return body.at(pointer).asString();
        }
    }

    public Answer read(String path, Object... variables) throws Exception {
        return send(get(path, variables));
    }

    public Answer create(String path, String json, Object... variables) throws Exception {
        return send(
                post(path, variables).contentType(MediaType.APPLICATION_JSON).content(json));
    }

    public Answer write(String path, int onVersion, String json, Object... variables) throws Exception {
        return send(put(path, variables)
                .header("If-Match", "\"" + onVersion + "\"")
                .contentType(MediaType.APPLICATION_JSON)
                .content(json));
    }

    public Answer place(String sourceId, String meetingId) throws Exception {
        return send(put("/api/sources/{id}/meeting", sourceId)
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"meetingId\":\"" + meetingId + "\"}"));
    }

    public Answer remove(String path, Object... variables) throws Exception {
        return send(delete(path, variables));
    }

    /** Drops a file into the tray; the answer is the source taken in. */
    public Answer drop(String name, String content) throws Exception {
        return drop(name, content.getBytes(StandardCharsets.UTF_8));
    }

    /** Attaches a file to a meeting. */
    public Answer attach(String meeting, String name, byte[] content) throws Exception {
        return send(multipart("/api/meetings/{id}/attachments", meeting)
                .file(new MockMultipartFile("file", name, null, content)));
    }

    /** Brings a house document in. */
    public Answer house(String name, byte[] content) throws Exception {
        return send(multipart("/api/house-document").file(new MockMultipartFile("file", name, null, content)));
    }

    /** Hands a source in with what is known of its meeting. */
    public Answer handIn(String name, String content, String meeting) throws Exception {
        MockMultipartFile file = new MockMultipartFile(
                "file", name, "application/octet-stream", content.getBytes(StandardCharsets.UTF_8));
        return send(multipart("/api/hand-ins").file(file).param("meeting", meeting));
    }

    /** Files a document as a reference note. */
    public Answer reference(String name, byte[] content) throws Exception {
        return send(multipart("/api/references").file(new MockMultipartFile("file", name, null, content)));
    }

    /** Hands a file in for an import. */
    public Answer hand(String run, String path, byte[] content) throws Exception {
        return send(put("/api/imports/{id}/files?path={path}", run, path)
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(content));
    }

    /** The bytes of an answer that is no JSON. */
    public byte[] bytes(String path, Object... variables) throws Exception {
        return http.perform(get(path, variables).with(credentials))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    /** A file that is asked for with JSON, each byte a letter. */
    public String file(String path, String json) throws Exception {
        return http.perform(post(path)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(json)
                        .with(credentials))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    public Answer drop(String name, byte[] content) throws Exception {
        MockMultipartFile file = new MockMultipartFile("files", name, "application/octet-stream", content);
        return send(multipart("/api/tray").file(file));
    }

    /** Brings a list of people in. */
    public Answer people(String name, String content) throws Exception {
        MockMultipartFile file = new MockMultipartFile(
                "file", name, "application/octet-stream", content.getBytes(StandardCharsets.UTF_8));
        return send(multipart("/api/people/file").file(file));
    }

    /** Drops an invitation. */
    public Answer invitation(String name, String content) throws Exception {
        MockMultipartFile file = new MockMultipartFile(
                "file", name, "application/octet-stream", content.getBytes(StandardCharsets.UTF_8));
        return send(multipart("/api/calendar/file").file(file));
    }

    /** Puts a person on the roster; the answer's id. */
    public String person(String name) throws Exception {
        return create("/api/people", "{\"name\":\"%s\",\"aliases\":[]}".formatted(name))
                .text("/id");
    }

    /** Puts somebody on the roster whom mail reaches; the answer's id. */
    public String personWithMail(String name, String email) throws Exception {
        return create("/api/people", "{\"name\":\"%s\",\"email\":\"%s\",\"aliases\":[]}".formatted(name, email))
                .text("/id");
    }

    /** Creates a meeting of 3 March 2026 with these people; the answer's id. */
    public String meeting(String title, String... people) throws Exception {
        String ids = people.length == 0 ? "" : "\"" + String.join("\",\"", people) + "\"";
        return create(
                        "/api/meetings",
                        """
                        {"title":"%s","date":"2026-03-03","start":"09:30","zone":"Europe/Oslo","kind":"weekly status",
                         "series":"%s","agenda":[],"people":[%s]}
                        """
                                .formatted(title, title, ids))
                .text("/id");
    }

    /** Types a line on a meeting's page; the answer's lines as they stand. */
    public Answer type(String meetingId, String text) throws Exception {
        return store("/api/meetings/{id}/page", typed(1, text), meetingId);
    }

    /** A new line of the page, as the browser sends it. */
    static String typed(long stamp, String text) {
        return typed(UUID.randomUUID(), stamp, text);
    }

    /** A line of the page by its name, as the browser sends it. */
    static String typed(UUID name, long stamp, String text) {
        return JSON.writeValueAsString(Map.of(
                "lines",
                List.of(Map.of(
                        "name",
                        name,
                        "stamp",
                        stamp,
                        "position",
                        1.0 * Math.abs(name.hashCode()),
                        "indent",
                        0,
                        "text",
                        text,
                        "typedAt",
                        "2026-03-03T09:31:00Z",
                        "removed",
                        false))));
    }

    /** Writes what needs no version. */
    public Answer store(String path, String json, Object... variables) throws Exception {
        return send(put(path, variables).contentType(MediaType.APPLICATION_JSON).content(json));
    }

    /** Drafts a meeting's minutes and waits for them; the answer is the minutes, or why there are none. */
    public Answer draft(String meetingId) throws Exception {
        return drafted(create("/api/meetings/{id}/minutes", "{\"template\":null}", meetingId));
    }

    /** Waits for a draft in the making; the answer is the minutes, or why there are none. */
    public Answer drafted(Answer begun) throws Exception {
        Answer drafting = begun;
        while (drafting.status() < 300 && Set.of("WAITING", "READING").contains(drafting.text("/state"))) {
            Thread.sleep(20);
            drafting = read("/api/draftings/{id}", begun.text("/id"));
        }
        return drafting.status() < 300 && drafting.text("/state").equals("DONE")
                ? read("/api/minutes/{id}", drafting.text("/minutesId"))
                : drafting;
    }

    /** Any request, with JSON and version 0, as a member with tools of their own may send it. */
    public Answer send(String method, String path, String json) throws Exception {
        AbstractMockHttpServletRequestBuilder<?> any = wantsFile(path) && method.equals("POST")
                ? multipart(path).file(new MockMultipartFile("file", "x.txt", null, new byte[] {'x'}))
                : request(HttpMethod.valueOf(method), path).contentType(MediaType.APPLICATION_JSON);
        return send(any.header("If-Match", "\"0\"").content(json));
    }

    private static boolean wantsFile(String path) {
        return Set.of(
                                "/api/tray",
                                "/api/people/file",
                                "/api/calendar/file",
                                "/api/house-document",
                                "/api/references",
                                "/api/hand-ins")
                        .contains(path)
                || path.endsWith("/attachments");
    }

    private Answer send(AbstractMockHttpServletRequestBuilder<?> request) throws Exception {
        MvcResult result = http.perform(request.with(credentials)).andReturn();
        String body = result.getResponse().getContentAsString(StandardCharsets.UTF_8);
        boolean json = String.valueOf(result.getResponse().getContentType()).contains("json");
        return new Answer(
                result.getResponse().getStatus(),
                json && !body.isEmpty() ? JSON.readTree(body) : JSON.createObjectNode(),
                result.getResponse().getHeader("ETag"));
    }
}
