package org.yellowfit.app.assets;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.Deflater;
import java.util.zip.GZIPOutputStream;

/**
 * Run by the build: gives every file of {@code src/main/assets} a name with a digest of its content, mends the names inside styles
 * and scripts, compresses what is text, and lists what is called what. A file that changes gets another name, so that
 * no browser
 * ever asks again for one that it has.
 */
public final class AssetBuild {

    static final String LIST = "assets.list";

    private static final int DIGITS = 10;
    private static final List<String> TEXTS = List.of(".css", ".js", ".svg");
    /** A style's picture or font by its place, a script's module by its neighbour. */
    private static final Pattern NAMED =
            Pattern.compile("url\\(\"?/([^\")]+)\"?\\)|from\\s*(['\"])(\\.\\.?/[^'\"]+)\\2");

    private final Path from;
    private final Path to;
    private final Map<String, String> names = new TreeMap<>();

    private AssetBuild(Path from, Path to) {
        this.from = from;
        this.to = to;
    }

    /** @param args the folder of the sources, and the folder to write to */
    public static void main(String[] args) throws IOException {
        new AssetBuild(Path.of(args[0]), Path.of(args[1])).run();
    }

    private void run() throws IOException {
        try (Stream<Path> files = Files.walk(from)) {
            files.filter(Files::isRegularFile)
                    .map(file -> from.relativize(file).toString())
                    .sorted()
                    .forEach(this::name);
        }
        StringBuilder list = new StringBuilder();
        names.forEach((file, name) -> list.append(file).append(' ').append(name).append('\n'));
        Files.writeString(to.resolve(LIST), list);
    }

    /**
     * The name of a file, built when it is first asked for; modules that import each other in a circle are not meant to
     * be.
     */
    private String name(String file) {
        String known = names.get(file);
        if (known != null) {
            return known;
        }
        try {
            byte[] content = Files.readAllBytes(from.resolve(file));
            if (isText(file)) {
                content = mended(new String(content, StandardCharsets.UTF_8), file)
                        .getBytes(StandardCharsets.UTF_8);
            }
            String name = hashed(file, content);
            names.put(file, name);
            write(name, content, isText(file));
            return name;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private String mended(String text, String file) {
        return NAMED.matcher(text).replaceAll(found -> Matcher.quoteReplacement(mended(found, file)));
    }

    private String mended(java.util.regex.MatchResult found, String file) {
        if (found.group(1) != null) {
            return "url(\"/assets/" + name(found.group(1)) + "\")";
        }
        Path neighbour = Path.of(file).resolveSibling(found.group(3)).normalize();
        return "from '/assets/" + name(neighbour.toString()) + "'";
    }

    private void write(String name, byte[] content, boolean text) throws IOException {
        Path file = to.resolve(name);
        Files.createDirectories(file.getParent());
        Files.write(file, content);
        if (text) {
            Files.write(to.resolve(name + ".gz"), gzipped(content));
        }
    }

    private static byte[] gzipped(byte[] content) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream gzip = new BestGzip(bytes)) {
            gzip.write(content);
        }
        return bytes.toByteArray();
    }

    private static final class BestGzip extends GZIPOutputStream {
        BestGzip(ByteArrayOutputStream bytes) throws IOException {
            super(bytes);
            def.setLevel(Deflater.BEST_COMPRESSION);
        }
    }

    private static boolean isText(String file) {
        return TEXTS.stream().anyMatch(file::endsWith);
    }

    /** {@code css/base.css} becomes {@code css/base.0f3c9a71d2.css}. */
    private static String hashed(String file, byte[] content) {
        int dot = file.lastIndexOf('.');
        String digest = HexFormat.of().formatHex(sha256(content)).substring(0, DIGITS);
        return dot <= file.lastIndexOf('/')
                ? file + "." + digest
                : file.substring(0, dot) + "." + digest + file.substring(dot);
    }

    private static byte[] sha256(byte[] content) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(content);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java platform has SHA-256.", e);
        }
    }
}
