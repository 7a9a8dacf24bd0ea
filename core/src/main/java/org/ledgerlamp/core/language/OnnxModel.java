package org.ledgerlamp.core.language;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A model in the ONNX format whose weights can be read and replaced, and which can be cut at an inner layer. It knows of
 * the format (a protocol buffer) only what that takes: the graph is field 7 of a model; its nodes, weights and outputs are
 * fields 1, 5 and 12 of the graph.
 *
 * <p>Weights are replaced in place by others of the same size; nothing else of the model is touched.
 */
public final class OnnxModel {
    private static final int GRAPH = 7;
    private static final int NODE = 1;
    private static final int INITIALIZER = 5;
    private static final int OUTPUT = 12;

    private static final int NODE_INPUT = 1;
    private static final int NODE_OUTPUT = 2;
    private static final int NODE_NAME = 3;

    private static final int TENSOR_FLOATS = 4;
    private static final int TENSOR_NAME = 8;
    private static final int TENSOR_BYTES = 9;

    private static final int VARINT = 0;
    private static final int FIXED_64 = 1;
    private static final int BYTES = 2;
    private static final int FIXED_32 = 5;

    private final byte[] bytes;
    private final Map<String, Part> weights = new HashMap<>();
    private final Map<String, List<String>> inputsOfNode = new HashMap<>();

    /** A field of a message: its number and where its content lies; {@code start} includes its head. */
    private record Part(int field, int wire, int start, int from, int to) {}

    /** @param bytes the whole file; taken over, not copied */
    public OnnxModel(byte[] bytes) {
        this.bytes = bytes;
        for (Part part : parts(graph())) {
            if (part.field() == INITIALIZER) {
                index(part);
            } else if (part.field() == NODE) {
                inputsOfNode.put(text(part, NODE_NAME), texts(part, NODE_INPUT));
            }
        }
    }

    private void index(Part tensor) {
        String name = text(tensor, TENSOR_NAME);
        for (Part p : parts(tensor)) {
            if (p.field() == TENSOR_BYTES || p.field() == TENSOR_FLOATS && p.wire() == BYTES) {
                weights.put(name, p);
            }
        }
    }

    /** The file as it is now, with what was replaced. */
    public byte[] bytes() {
        return bytes;
    }

    /**
     * The names of what goes into the node {@code name}, in order.
     *
     * @throws IllegalArgumentException where there is no such node
     */
    public List<String> inputsOf(String name) {
        List<String> inputs = inputsOfNode.get(name);
        if (inputs == null) {
            throw new IllegalArgumentException("no node of that name: " + name);
        }
        return inputs;
    }

    /** The bytes of the weights {@code name}, as they lie in the file. */
    public byte[] raw(String name) {
        Part part = weight(name);
        byte[] copy = new byte[part.to() - part.from()];
        System.arraycopy(bytes, part.from(), copy, 0, copy.length);
        return copy;
    }

    /** The weights {@code name} as floats of four bytes. */
    public float[] floats(String name) {
        ByteBuffer raw = ByteBuffer.wrap(raw(name)).order(ByteOrder.LITTLE_ENDIAN);
        float[] floats = new float[raw.remaining() / Float.BYTES];
        raw.asFloatBuffer().get(floats);
        return floats;
    }

    /**
     * Replaces the weights {@code name}.
     *
     * @throws IllegalArgumentException where there are none of that name, or of another size
     */
    public void replace(String name, byte[] raw) {
        Part part = weight(name);
        if (raw.length != part.to() - part.from()) {
            throw new IllegalArgumentException(
                    name + " holds " + (part.to() - part.from()) + " bytes and was given " + raw.length);
        }
        System.arraycopy(raw, 0, bytes, part.from(), raw.length);
    }

    private Part weight(String name) {
        Part part = weights.get(name);
        if (part == null) {
            throw new IllegalArgumentException("no weights of that name: " + name);
        }
        return part;
    }

    /** A model that ends with the inner results {@code outputs}, in that order, and holds only what leads there. */
    public OnnxModel cutAt(String... outputs) {
        Set<String> needed = new HashSet<>();
        for (String output : outputs) {
            needed.addAll(leadingTo(output));
        }
        ByteArrayOutputStream graph = new ByteArrayOutputStream(bytes.length);
        for (Part part : parts(graph())) {
            boolean kept =
                    switch (part.field()) {
                        case OUTPUT -> false;
                        case NODE -> texts(part, NODE_OUTPUT).stream().anyMatch(needed::contains);
                        case INITIALIZER -> needed.contains(text(part, TENSOR_NAME));
                        default -> true;
                    };
            if (kept) {
                graph.write(bytes, part.start(), part.to() - part.start());
            }
        }
        for (String output : outputs) {
            writeField(OUTPUT, named(output), graph);
        }
        ByteArrayOutputStream model = new ByteArrayOutputStream(graph.size());
        for (Part part : parts(whole())) {
            if (part.field() == GRAPH) {
                writeField(GRAPH, graph.toByteArray(), model);
            } else {
                model.write(bytes, part.start(), part.to() - part.start());
            }
        }
        return new OnnxModel(model.toByteArray());
    }

    private Set<String> leadingTo(String output) {
        Map<String, List<String>> inputsOf = new HashMap<>();
        for (Part part : parts(graph())) {
            if (part.field() == NODE) {
                List<String> inputs = texts(part, NODE_INPUT);
                texts(part, NODE_OUTPUT).forEach(o -> inputsOf.put(o, inputs));
            }
        }
        if (!inputsOf.containsKey(output)) {
            throw new IllegalArgumentException("nothing in the model yields " + output);
        }
        Set<String> needed = new HashSet<>();
        Deque<String> open = new ArrayDeque<>(List.of(output));
        while (!open.isEmpty()) {
            String name = open.pop();
            if (needed.add(name)) {
                open.addAll(inputsOf.getOrDefault(name, List.of()));
            }
        }
        return needed;
    }

    /** What describes a result by its name alone. */
    private static byte[] named(String name) {
        ByteArrayOutputStream info = new ByteArrayOutputStream();
        writeField(1, name.getBytes(StandardCharsets.UTF_8), info);
        return info.toByteArray();
    }

    private static void writeField(int field, byte[] content, ByteArrayOutputStream to) {
        writeVarint(field << 3 | BYTES, to);
        writeVarint(content.length, to);
        to.writeBytes(content);
    }

    private static void writeVarint(int value, ByteArrayOutputStream to) {
        int rest = value;
        while (rest > 0x7f) {
            to.write(rest & 0x7f | 0x80);
            rest >>>= 7;
        }
        to.write(rest);
    }

    private Part whole() {
        return new Part(0, BYTES, 0, 0, bytes.length);
    }

    private Part graph() {
        return parts(whole()).stream()
                .filter(p -> p.field() == GRAPH)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("this is no ONNX model: it has no graph"));
    }

    private String text(Part message, int field) {
        return texts(message, field).stream().findFirst().orElse("");
    }

    private List<String> texts(Part message, int field) {
        return parts(message).stream()
                .filter(p -> p.field() == field)
                .map(p -> new String(bytes, p.from(), p.to() - p.from(), StandardCharsets.UTF_8))
                .toList();
    }

    private List<Part> parts(Part message) {
        List<Part> parts = new ArrayList<>();
        int at = message.from();
        while (at < message.to()) {
            int start = at;
            long head = varint(at);
            at += varintLength(at);
            int wire = (int) head & 7;
            int from = at;
            int to =
                    switch (wire) {
                        case VARINT -> at + varintLength(at);
                        case FIXED_64 -> at + Long.BYTES;
                        case FIXED_32 -> at + Integer.BYTES;
                        case BYTES -> {
                            from = at + varintLength(at);
                            yield from + (int) varint(at);
                        }
                        default -> throw new IllegalArgumentException("this is no ONNX model: wire type " + wire);
                    };
            parts.add(new Part((int) (head >>> 3), wire, start, from, to));
            at = to;
        }
        return parts;
    }

    private long varint(int at) {
        long value = 0;
        for (int i = 0; i < varintLength(at); i++) {
            value |= (long) (bytes[at + i] & 0x7f) << 7 * i;
        }
        return value;
    }

    private int varintLength(int at) {
        int length = 1;
        while (bytes[at + length - 1] < 0) {
            length++;
        }
        return length;
    }
}
