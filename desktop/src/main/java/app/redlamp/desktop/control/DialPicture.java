package app.redlamp.desktop.control;

import java.util.List;

/**
 * What {@link Dial} shows.
 *
 * @param lowDbfs lower end of the window
 * @param aimDbfs where it is aimed at
 * @param highDbfs upper end
 * @param figure in the middle, large
 * @param words below it
 * @param marks at the foot
 * @param scale texts of the scale, one each 6 dB from −24 to 0 dBFS
 */
public record DialPicture(
        double lowDbfs,
        double aimDbfs,
        double highDbfs,
        String figure,
        String words,
        String marks,
        List<String> scale) {
    public DialPicture {
        scale = List.copyOf(scale);
    }
}
