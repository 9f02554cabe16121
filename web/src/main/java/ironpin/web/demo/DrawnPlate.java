package ironpin.web.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** A plate of half-moons by lantern light, drawn: the demo's photo. */
final class DrawnPlate {
    private static final int WIDE = 960;
    private static final int HIGH = 640;
    private static final int MOONS = 11;
    private static final Color TABLE = new Color(0x4a3526);
    private static final Color PLATE = new Color(0xe9e2d4);
    private static final Color RIM = new Color(0x6d7f86);
    private static final Color SKIN = new Color(0xe8d6a8);
    private static final Color SHADE = new Color(0xb59a63);

    private DrawnPlate() {}

    static byte[] png() {
        BufferedImage picture = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = picture.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setPaint(TABLE);
        g.fillRect(0, 0, WIDE, HIGH);
        disc(g, PLATE, 300);
        g.setPaint(RIM);
        g.setStroke(new BasicStroke(5));
        g.draw(ellipse(268));
        for (int i = 0; i < MOONS; i++) {
            moon(g, i);
        }
        lantern(g);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "png", out);
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return out.toByteArray();
    }

    private static Shape ellipse(double radius) {
        return new Ellipse2D.Double(
                WIDE / 2.0 - radius * 1.35, HIGH / 2.0 - radius * 0.93, radius * 2.7, radius * 1.86);
    }

    private static void disc(Graphics2D g, Color colour, double radius) {
        g.setPaint(colour);
        g.fill(ellipse(radius));
    }

    /** They lie in two rings, each turned a little differently, as hands lay them. */
    private static void moon(Graphics2D g, int i) {
        boolean inner = i >= 8;
        double turn = inner ? (i - 8) * 2 * Math.PI / 3 + 0.4 : i * Math.PI / 4;
        double far = inner ? 70 : 190;
        AffineTransform place = AffineTransform.getTranslateInstance(
                WIDE / 2.0 + far * 1.35 * Math.cos(turn), HIGH / 2.0 + far * 0.93 * Math.sin(turn));
        place.rotate(turn + Math.PI / 2 + 0.2 * Math.sin(7.0 * i));
        Path2D half = new Path2D.Double();
        half.moveTo(-62, 18);
        half.curveTo(-58, -52, 58, -52, 62, 18);
        half.curveTo(30, 30, -30, 30, -62, 18);
        half.closePath();
        Shape drawn = place.createTransformedShape(half);
        g.setPaint(new GradientPaint(0, 0, SKIN, WIDE, HIGH, SHADE));
        g.fill(drawn);
        g.setPaint(SHADE.darker());
        g.setStroke(new BasicStroke(2));
        g.draw(drawn);
        Path2D seam = new Path2D.Double();
        seam.moveTo(-54, 12);
        seam.curveTo(-49, -42, 49, -42, 54, 12);
        g.setStroke(new BasicStroke(3));
        g.draw(place.createTransformedShape(seam));
    }

    private static void lantern(Graphics2D g) {
        g.setPaint(
                new RadialGradientPaint(WIDE * 0.3f, HIGH * 0.2f, WIDE * 0.9f, new float[] {0, 0.45f, 1}, new Color[] {
                    new Color(255, 214, 140, 70), new Color(255, 180, 90, 10), new Color(20, 10, 0, 150)
                }));
        g.fillRect(0, 0, WIDE, HIGH);
    }
}
