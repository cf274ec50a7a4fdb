package org.yellowfit.app.assets;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What the build has named: the address of a file for the templates, and its bytes for those who ask. */
@Component("assets")
public class Assets {

    /** @param gzipped null for what does not shrink */
    record Served(byte[] plain, byte[] gzipped, String type) {}

    private static final String FOLDER = "/assets/";
    private static final Map<String, String> TYPES = Map.of(
            "css", "text/css;charset=UTF-8",
            "js", "text/javascript;charset=UTF-8",
            "svg", "image/svg+xml",
            "woff2", "font/woff2");

    private final Map<String, String> names;
    private final Map<String, Optional<Served>> served = new ConcurrentHashMap<>();

    Assets() {
        names = new String(bytes(AssetBuild.LIST), StandardCharsets.UTF_8)
                .lines()
                .map(line -> line.split(" "))
                .collect(Collectors.toUnmodifiableMap(line -> line[0], line -> line[1]));
    }

    /**
     * @param file as it is called in {@code src/main/assets}, like {@code css/base.css}
     * @throws IllegalArgumentException when there is none of this name
     */
    public String url(String file) {
        String name = names.get(file);
        if (name == null) {
            throw new IllegalArgumentException("There is no asset called " + file + ".");
        }
        return FOLDER + name;
    }

    /** @param name with its digest */
    Optional<Served> find(String name) {
        return names.containsValue(name) ? served.computeIfAbsent(name, Assets::read) : Optional.empty();
    }

    private static Optional<Served> read(String name) {
        String ending = name.substring(name.lastIndexOf('.') + 1);
        byte[] gzipped = Assets.class.getResource(FOLDER + name + ".gz") == null ? null : bytes(name + ".gz");
        return Optional.of(new Served(bytes(name), gzipped, TYPES.getOrDefault(ending, "text/plain;charset=UTF-8")));
    }

    private static byte[] bytes(String name) {
        try (InputStream in = Assets.class.getResourceAsStream(FOLDER + name)) {
            if (in == null) {
                throw new IllegalStateException("The build has not written " + FOLDER + name + ".");
            }
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
