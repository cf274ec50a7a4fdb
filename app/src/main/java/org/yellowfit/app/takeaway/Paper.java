package org.yellowfit.app.takeaway;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PDFontSupplier;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.logging.Level;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.yellowfit.app.drawing.FitStrips;

/** The handout as a PDF with bookmarks, tags and real text. */
@Component
class Paper {

    /** The sheet it is printed on. */
    enum Size {
        A4,
        LETTER
    }

    private static final Pattern SVG = Pattern.compile("<svg(?![^>]*xmlns)(?=[ >])");
    private static final Pattern LABELLED = Pattern.compile("<svg([^>]*?)aria-label=\"([^\"]*)\"");
    private static final Pattern USE = Pattern.compile("<use href=");
    private static final Pattern DRAWN_BY_CLASS =
            Pattern.compile("<svg[^>]*class=\"(strips|care-band|cut-picture)\"[^>]*>");
    /** What the style sheets of the screen say of these drawings; the yellow line itself is drawn first. */
    private static final Map<String, String> STYLES = Map.of(
            "strips",
            "text{font-size:9.6px;fill:#4d493f;font-family:'Source Sans'}.bar{fill:#8d887b}"
                    + ".bar.unmet{fill:#fdfaf3;stroke:#2b2923;stroke-width:1.4}"
                    + ".dotted{stroke:#2b2923;stroke-width:1.1;stroke-dasharray:1.5 2.5;fill:none}",
            "care-band",
            "text{font-size:13px;fill:#2b2923;font-family:'Source Sans'}.month{fill:none}.month.even{fill:#f1eadb}"
                    + ".month-name{text-anchor:middle}.year-name{font-size:11px}.row-name{text-anchor:end}"
                    + ".bar{fill:#55503f}.water{fill:#7d93a0}",
            "cut-picture",
            "path{fill:none;stroke:#2b2923;stroke-width:2.2;stroke-linecap:round;stroke-linejoin:round}"
                    + ".stem{stroke:#5f7a45}.off{stroke:#9b917b;stroke-width:1.8;stroke-dasharray:1 4.4}"
                    + ".cut{stroke-width:3}.ground{stroke:#9b8c70;stroke-width:1.6}.bud{fill:#5f7a45}");

    private static final String LINE =
            "<path d=\"M%s 0V2000\" stroke=\"#f3c11f\" stroke-width=\"5\"/>".formatted(FitStrips.LINE_X);

    private static final Pattern COLOUR = Pattern.compile("#([0-9a-fA-F]{6}|[0-9a-fA-F]{3})\\b");
    private static final String FONTS = "/org/yellowfit/app/takeaway/fonts/";

    private final SpringTemplateEngine templates;
    private final PaperPictures pictures;

    Paper(SpringTemplateEngine templates, PaperPictures pictures) {
        this.pictures = pictures;
        XRLog.listRegisteredLoggers().forEach(logger -> XRLog.setLevel(logger, Level.SEVERE));
        this.templates = templates;
    }

    /**
     * @param black in greys, for a printer without colours
     * @param link  the private link's address; empty for none
     * @param qr    its code as a drawing
     */
    byte[] pdf(Handouts.Handout handout, Size size, boolean black, String link, String qr) {
        Locale locale = LocaleContextHolder.getLocale();
        Context context = new Context(locale, Map.of("h", handout, "link", link, "qr", qr, "size", size.name()));
        String page = templates.process("takeaway/paper-pdf", context);
        String html = drawable(pictures.inPlaceOfDrawings(black ? grey(page) : page));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (PDDocument document = new PDDocument()) {
            PdfRendererBuilder builder = new PdfRendererBuilder();
            builder.usePDDocument(document);
            builder.useFastMode();
            builder.usePdfUaAccessibility(true);
            builder.useSVGDrawer(new BatikSVGDrawer());
            for (Face face : FACES) {
                builder.useFont(
                        new PDFontSupplier(font(document, face.file())),
                        face.family(),
                        face.weight(),
                        face.style(),
                        true);
            }
            builder.withHtmlContent(html, null);
            builder.toStream(out);
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private record Face(String file, String family, int weight, FontStyle style) {}

    private static final List<Face> FACES = List.of(
            new Face("source-sans-3-400.ttf", "Source Sans", 400, FontStyle.NORMAL),
            new Face("source-sans-3-600.ttf", "Source Sans", 700, FontStyle.NORMAL),
            new Face("vollkorn-400-italic.ttf", "Vollkorn", 400, FontStyle.ITALIC));

    /** Without ligatures: a reader of the file would take a joined f and t for nothing it knows. */
    private static PDFont font(PDDocument document, String file) throws IOException {
        try (InputStream bytes = new ClassPathResource(FONTS + file).getInputStream()) {
            TrueTypeFont face = new TTFParser().parse(new RandomAccessReadBuffer(bytes));
            face.setEnableGsub(false);
            return PDType0Font.load(document, face, true);
        }
    }

    /** Drawings as an XML file takes them: in their own namespace, told to who cannot see them. */
    private static String drawable(String html) {
        String xml = html.replaceFirst("(?i)<!doctype html>", "<!DOCTYPE html>");
        String told = LABELLED.matcher(xml).replaceAll("<svg$1alt=\"$2\"");
        String alone = SVG.matcher(told).replaceAll("<svg xmlns=\"http://www.w3.org/2000/svg\"");
        return DRAWN_BY_CLASS
                .matcher(USE.matcher(alone).replaceAll("<use xmlns:xlink=\"http://www.w3.org/1999/xlink\" xlink:href="))
                .replaceAll(found -> found.group() + "<style>" + STYLES.get(found.group(1)) + "</style>"
                        + (found.group(1).equals("strips") ? LINE : ""));
    }

    /** Each colour by its lightness (Rec. 709 weights). */
    static String grey(String html) {
        return COLOUR.matcher(html).replaceAll(Paper::grey);
    }

    private static String grey(MatchResult found) {
        String hex = found.group(1);
        String six = hex.length() == 6 ? hex : hex.replaceAll("(.)", "$1$1");
        int rgb = Integer.parseInt(six, 16);
        double light = 0.2126 * (rgb >> 16 & 255) + 0.7152 * (rgb >> 8 & 255) + 0.0722 * (rgb & 255);
        return "#%1$02x%1$02x%1$02x".formatted((int) Math.round(light));
    }
}
