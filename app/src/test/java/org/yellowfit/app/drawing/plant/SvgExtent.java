package org.yellowfit.app.drawing.plant;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the paths of a drawing back: how far they reach, and which colour it shows most of. */
final class SvgExtent {

    private static final Pattern TAG = Pattern.compile("<(path|use|g|/g)((?:(?! d=)[^>])*)(?: d=\"([^\"]*)\")?[^>]*>");
    private static final Pattern ID = Pattern.compile("id=\"([^\"]*)\"");
    private static final Pattern USE = Pattern.compile("href=\"#([^\"]*)\" transform=\"matrix\\(([^)]*)\\)\"");
    private static final Pattern STEP = Pattern.compile("([MmlqaZz])([^MmlqaZz]*)");
    private static final Pattern NUMBER = Pattern.compile("-?(?:\\d+\\.?\\d*|\\.\\d+)");

    double left = Double.MAX_VALUE;
    double right = -Double.MAX_VALUE;
    double top = Double.MAX_VALUE;
    double bottom = -Double.MAX_VALUE;
    private BufferedImage picture;
    private Graphics2D paint;
    private Path2D path;
    private AffineTransform placed = new AffineTransform();

    private double x;
    private double y;
    private double startX;
    private double startY;
    private static final int SIDE = 400;
    private static final int FIELDS = 8;

    /** Its extents only. */
    static SvgExtent of(String svg) {
        SvgExtent extent = new SvgExtent();
        extent.readAll(svg);
        return extent;
    }

    /** Painted, so that its colours can be asked for. */
    static SvgExtent painted(String svg) {
        SvgExtent extent = new SvgExtent();
        extent.picture = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        extent.paint = extent.picture.createGraphics();
        extent.paint.translate(SIDE / 2, SIDE * 0.9);
        extent.paint.scale(2, 2);
        extent.readAll(svg);
        return extent;
    }

    /** In the order of painting: what is defined is kept by its name and drawn where it is set. */
    private void readAll(String svg) {
        Map<String, String> defined = new HashMap<>();
        draw(svg, new AffineTransform(), "", defined);
    }

    private void draw(String svg, AffineTransform at, String inherited, Map<String, String> defined) {
        Deque<String> styles = new ArrayDeque<>();
        styles.push(inherited);
        Matcher tags = TAG.matcher(svg);
        int from = 0;
        while (tags.find(from)) {
            String tag = tags.group(1);
            from = tags.end();
            switch (tag) {
                case "g" -> {
                    Matcher id = ID.matcher(tags.group(2));
                    if (id.find()) {
                        int end = svg.indexOf("</g>", from);
                        String inside = svg.substring(from, end);
                        while (inside.split("<g", -1).length != inside.split("</g>", -1).length) {
                            end = svg.indexOf("</g>", end + 1);
                            inside = svg.substring(from, end);
                        }
                        defined.put(id.group(1), inside);
                        from = end + 4;
                    } else {
                        styles.push(tags.group(2) + styles.peek());
                    }
                }
                case "/g" -> styles.pop();
                case "use" -> {
                    Matcher use = USE.matcher(tags.group(2));
                    if (!use.find()) {
                        throw new IllegalArgumentException(tags.group());
                    }
                    double[] m = Arrays.stream(use.group(2).split(" "))
                            .mapToDouble(Double::parseDouble)
                            .toArray();
                    AffineTransform set = new AffineTransform(at);
                    set.concatenate(new AffineTransform(m));
                    draw(defined.get(use.group(1)), set, styles.peek(), defined);
                }
                default -> {
                    path = new Path2D.Double();
                    placed = at;
                    read(tags.group(3));
                    path.transform(at);
                    if (paint != null) {
                        paint(tags.group(2) + styles.peek());
                    }
                }
            }
        }
    }

    private void paint(String style) {
        Matcher fill = Pattern.compile("(?:^|\\s)fill=\"([^\"]*)\"").matcher(style);
        Matcher stroke = Pattern.compile("stroke=\"(#[0-9a-f]{6})\" stroke-width=\"([\\d.]+)\"")
                .matcher(style);
        if (fill.find() && fill.group(1).startsWith("#")) {
            paint.setColor(Color.decode(fill.group(1)));
            paint.fill(path);
        }
        if (stroke.find()) {
            paint.setColor(Color.decode(stroke.group(1)));
            paint.setStroke(new BasicStroke(Float.parseFloat(stroke.group(2))));
            paint.draw(path);
        }
    }

    /** Of some colours the one that most of the drawing shows, 0xRRGGBB. */
    int mostSeen(Set<Integer> of) {
        Map<Integer, Integer> seen = new HashMap<>();
        for (int py = 0; py < SIDE; py++) {
            for (int px = 0; px < SIDE; px++) {
                int rgb = picture.getRGB(px, py) & 0xffffff;
                if (of.contains(rgb)) {
                    seen.merge(rgb, 1, Integer::sum);
                }
            }
        }
        return seen.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
    }

    /** The picture in eight rows of eight fields, each by its mean green from 0 to f; paper is 0. */
    String seen() {
        int field = SIDE / FIELDS;
        StringBuilder out = new StringBuilder();
        for (int cell = 0; cell < FIELDS * FIELDS; cell++) {
            long sum = 0;
            for (int i = 0; i < field * field; i++) {
                sum += picture.getRGB(cell % FIELDS * field + i % field, cell / FIELDS * field + i / field) >> 8 & 0xff;
            }
            out.append(Long.toHexString(sum / (field * field * 16L)));
        }
        return out.toString();
    }

    private void read(String data) {
        Matcher steps = STEP.matcher(data);
        while (steps.find()) {
            double[] n = NUMBER.matcher(steps.group(2))
                    .results()
                    .mapToDouble(r -> Double.parseDouble(r.group()))
                    .toArray();
            switch (steps.group(1)) {
                case "M" -> start(n[0], n[1]);
                case "m" -> start(x + n[0], y + n[1]);
                case "l" -> to(x + n[0], y + n[1]);
                case "q" -> curve(n);
                case "a" -> arc(n);
                default -> {
                    to(startX, startY);
                    path.closePath();
                }
            }
        }
    }

    private void arc(double[] n) {
        path.append(new Arc2D.Double(Math.min(x, x + n[5]), y - n[0], 2 * n[0], 2 * n[0], 0, 360, Arc2D.OPEN), false);
        reach(x, y - n[0]);
        reach(x, y + n[0]);
        to(x + n[5], y + n[6]);
    }

    private void curve(double[] n) {
        double fromX = x;
        double fromY = y;
        for (int i = 1; i <= 4; i++) {
            double t = i / 4.0;
            double c = 2 * t * (1 - t);
            to(fromX + c * n[0] + t * t * n[2], fromY + c * n[1] + t * t * n[3]);
        }
    }

    private void start(double toX, double toY) {
        x = toX;
        y = toY;
        startX = toX;
        startY = toY;
        path.moveTo(toX, toY);
    }

    private void to(double toX, double toY) {
        path.lineTo(toX, toY);
        reach(x, y);
        reach(toX, toY);
        x = toX;
        y = toY;
    }

    private void reach(double atX, double atY) {
        Point2D seen = placed.transform(new Point2D.Double(atX, atY), null);
        left = Math.min(left, seen.getX());
        right = Math.max(right, seen.getX());
        top = Math.min(top, seen.getY());
        bottom = Math.max(bottom, seen.getY());
    }
}
