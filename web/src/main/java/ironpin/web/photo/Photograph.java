package ironpin.web.photo;

import ironpin.refusal.Refused;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/**
 * A photo as it is kept: at most {@value #LONGEST} pixels long and written anew from its pixels alone, so that nothing of where, when and
 * with what it was taken stays in it. A page turns it upright before it is sent, as the browser shows it.
 */
public final class Photograph {
    static final int LONGEST = 1_280;

    private static final long MOST_PIXELS = 60_000_000;
    private static final float QUALITY = 0.8f;

    /** Pictures are large while they are worked on, and the kitchen's memory is small. */
    private static final Semaphore AT_ONCE = new Semaphore(1);

    private Photograph() {}

    /** @throws Refused with the reason if it is no picture that can be read */
    public static byte[] of(byte[] sent) {
        AT_ONCE.acquireUninterruptibly();
        try (ImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(sent))) {
            ImageReader reader =
                    ImageIO.getImageReadersByFormatName(format(sent)).next();
            try {
                reader.setInput(in, true, true);
                return written(read(reader));
            } finally {
                reader.dispose();
            }
        } catch (Refused reason) {
            throw reason;
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException broken) {
            throw new Refused("this picture cannot be read: it is broken, or of an unusual kind");
        } finally {
            AT_ONCE.release();
        }
    }

    /** By how it begins. */
    private static String format(byte[] sent) {
        if (begins(sent, 0xFF, 0xD8, 0xFF)) {
            return "jpeg";
        }
        if (begins(sent, 0x89, 'P', 'N', 'G')) {
            return "png";
        }
        throw new Refused("a photo is a JPEG or PNG picture; this is not");
    }

    private static boolean begins(byte[] sent, int... bytes) {
        for (int i = 0; i < bytes.length; i++) {
            if (sent.length <= i || (sent[i] & 0xFF) != bytes[i]) {
                return false;
            }
        }
        return true;
    }

    /** As few of its pixels as are needed. */
    private static BufferedImage read(ImageReader reader) throws IOException {
        int wide = reader.getWidth(0);
        int high = reader.getHeight(0);
        if ((long) wide * high > MOST_PIXELS) {
            throw new Refused("a photo has at most 60 million pixels, not " + wide + " × " + high);
        }
        ImageReadParam param = reader.getDefaultReadParam();
        int every = Math.max(1, Math.max(wide, high) / LONGEST);
        param.setSourceSubsampling(every, every, 0, 0);
        BufferedImage read = reader.read(0, param);
        double scale = Math.min(1, (double) LONGEST / Math.max(read.getWidth(), read.getHeight()));
        int toWide = (int) Math.max(1, Math.round(read.getWidth() * scale));
        int toHigh = (int) Math.max(1, Math.round(read.getHeight() * scale));
        BufferedImage plain = new BufferedImage(toWide, toHigh, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = plain.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        graphics.drawImage(read, 0, 0, toWide, toHigh, Color.WHITE, null);
        graphics.dispose();
        return plain;
    }

    private static byte[] written(BufferedImage image) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (MemoryCacheImageOutputStream stream = new MemoryCacheImageOutputStream(out)) {
            ImageWriteParam param = writer.getDefaultWriteParam();
            param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            param.setCompressionQuality(QUALITY);
            writer.setOutput(stream);
            writer.write(null, new IIOImage(image, null, null), param);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }
}
