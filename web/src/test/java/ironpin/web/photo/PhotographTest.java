package ironpin.web.photo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import ironpin.refusal.Refused;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;

public class PhotographTest {
    private static byte[] drawn(int wide, int high, String format) throws IOException {
        BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < wide; x++) {
            for (int y = 0; y < high; y++) {
                image.setRGB(x, y, x < wide / 2 ? Color.ORANGE.getRGB() : Color.BLUE.getRGB());
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertTrue(ImageIO.write(image, format, out));
        return out.toByteArray();
    }

    /** A comment and what a camera writes beside the pixels, put in behind the first mark of a JPEG. */
    private static byte[] told(byte[] jpeg, String secret) {
        byte[] text = secret.getBytes(StandardCharsets.US_ASCII);
        byte[] out = new byte[jpeg.length + 2 * (text.length + 4)];
        System.arraycopy(jpeg, 0, out, 0, 2);
        int at = 2;
        for (int mark : new int[] {0xE1, 0xFE}) {
            out[at++] = (byte) 0xFF;
            out[at++] = (byte) mark;
            out[at++] = (byte) ((text.length + 2) >> 8);
            out[at++] = (byte) (text.length + 2);
            System.arraycopy(text, 0, out, at, text.length);
            at += text.length;
        }
        System.arraycopy(jpeg, 2, out, at, jpeg.length - 2);
        return out;
    }

    @Test
    public void nothingButThePictureIsKept() throws IOException {
        byte[] sent = told(drawn(400, 300, "jpg"), "Exif\0\0 taken at 48.1 N 11.5 E");
        assertTrue(new String(sent, StandardCharsets.ISO_8859_1).contains("48.1 N"));
        byte[] kept = Photograph.of(sent);
        assertFalse(new String(kept, StandardCharsets.ISO_8859_1).contains("48.1 N"));
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(kept));
        assertEquals(image.getWidth(), 400);
        assertEquals(new Color(image.getRGB(100, 150)).getBlue(), 0, 12);
        assertEquals(new Color(image.getRGB(300, 150)).getBlue(), 255, 12);
    }

    @Test
    public void aLargeOneIsMadeSmall() throws IOException {
        for (String format : new String[] {"jpg", "png"}) {
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(Photograph.of(drawn(3_000, 2_000, format))));
            assertEquals(Math.max(image.getWidth(), image.getHeight()), Photograph.LONGEST, format);
            assertEquals((double) image.getWidth() / image.getHeight(), 1.5, 0.01, format);
        }
    }

    @Test
    public void whatIsNoPictureIsRefused() throws IOException {
        assertThrows(Refused.class, () -> Photograph.of(new byte[0]));
        Refused none = expectThrows(Refused.class, () -> Photograph.of("<svg/>".getBytes(StandardCharsets.UTF_8)));
        assertEquals(none.getMessage(), "a photo is a JPEG or PNG picture; this is not");
        byte[] jpeg = drawn(300, 200, "jpg");
        byte[] png = drawn(300, 200, "png");
        for (int cut : new int[] {10, 30, 60}) {
            byte[] broken = Arrays.copyOf(png, cut);
            assertThrows(Refused.class, () -> Photograph.of(broken));
        }
        // However its bytes are broken, it is read or refused.
        for (int i = 0; i < 300; i++) {
            byte[] bent = (i % 2 == 0 ? jpeg : png).clone();
            bent[2 + (i * 7_919) % (bent.length - 2)] ^= (byte) (1 + i % 255);
            try {
                assertTrue(Photograph.of(bent).length > 100);
            } catch (Refused reason) {
                assertFalse(reason.getMessage().isBlank());
            }
        }
    }
}
