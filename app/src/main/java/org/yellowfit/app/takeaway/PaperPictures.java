package org.yellowfit.app.takeaway;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.DocumentLimits;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import org.springframework.stereotype.Component;

/**
 * Plants on paper: drawings of thousands of strokes are set as pictures of 260 dots an inch, which a printer shows no
 * coarser than strokes, and a file of a tenth of the size. Those drawn lately are kept.
 */
@Component
class PaperPictures {

    private static final Pattern PLANTS =
            Pattern.compile("<svg[^>]*class=\"(plant|bed-scene)\"[^>]*>.*?</svg>(?=\\s*</div>)", Pattern.DOTALL);
    private static final Pattern LABEL = Pattern.compile("aria-label=\"([^\"]*)\"");
    private static final Pattern BOX = Pattern.compile("viewBox=\"[-\\d.]+ [-\\d.]+ ([\\d.]+) ([\\d.]+)\"");
    private static final Color SHEET = Color.WHITE;
    private static final int PORTRAIT_PX = 300;
    private static final int SCENE_PX = 1500;

    /** The drawings are our own; a bed is of some thousand strokes. */
    private static final DocumentLimits OURS = new DocumentLimits(40, 20, 400_000);

    private static final int MOST_KEPT = 400;

    private final Map<String, String> kept = Collections.synchronizedMap(new LinkedHashMap<>(64, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, String> eldest) {
            return size() > MOST_KEPT;
        }
    });

    /** Every plant and planting of a page as a picture; drawn side by side on all cores. */
    String inPlaceOfDrawings(String html) {
        Map<String, String> drawn = PLANTS
                .matcher(html)
                .results()
                .map(MatchResult::group)
                .distinct()
                .collect(Collectors.toList())
                .parallelStream()
                .collect(Collectors.toMap(svg -> svg, this::picture));
        return PLANTS.matcher(html).replaceAll(found -> drawn.get(found.group()));
    }

    private String picture(String svg) {
        return kept.computeIfAbsent(svg, PaperPictures::drawn);
    }

    private static String drawn(String svg) {
        MatchResult box = BOX.matcher(svg).results().findFirst().orElseThrow();
        double wide = Double.parseDouble(box.group(1));
        double high = Double.parseDouble(box.group(2));
        boolean scene = svg.contains("class=\"bed-scene\"");
        int width = scene ? SCENE_PX : PORTRAIT_PX;
        int height = (int) Math.max(1, Math.round(width * high / wide));
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(SHEET);
        pen.fillRect(0, 0, width, height);
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        SVGDocument document = new SVGLoader()
                .load(
                        new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)),
                        null,
                        LoaderContext.builder().documentLimits(OURS).build());
        if (document != null) {
            document.render(null, pen, new ViewBox(0, 0, width, height));
        }
        pen.dispose();
        String label = LABEL.matcher(svg)
                .results()
                .findFirst()
                .map(found -> found.group(1))
                .orElse("");
        return "<img class=\"" + (scene ? "bed-scene" : "plant") + "\" alt=\"" + label
                + "\" src=\"data:image/png;base64," + Base64.getEncoder().encodeToString(png(image)) + "\" />";
    }

    private static byte[] png(BufferedImage image) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
