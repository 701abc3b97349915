package app.redlamp.desktop.app;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.IOException;
import java.nio.file.Path;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javax.imageio.ImageIO;

/** Writes a picture of a scene as PNG. */
final class PngFile {
    private PngFile() {}

    static void write(Image image, Path file) throws IOException {
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        // Straight into the picture: its own way of setting pixels goes through its colours one by one.
        int[] pixels = ((DataBufferInt) picture.getRaster().getDataBuffer()).getData();
        image.getPixelReader().getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
        if (!ImageIO.write(picture, "png", file.toFile())) {
            throw new IOException("no PNG writer");
        }
    }
}
