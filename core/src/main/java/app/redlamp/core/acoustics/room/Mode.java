package app.redlamp.core.acoustics.room;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A standing wave of a box. Source, in any acoustics handbook: f = c/2 √((nx/Lx)² + (ny/Ly)² + (nz/Lz)²).
 *
 * @param nx half waves from left to right
 * @param ny half waves from front to back
 * @param nz half waves from floor to ceiling
 * @param frequencyHz where it rings
 */
public record Mode(int nx, int ny, int nz, double frequencyHz) {

    /** Between how many pairs of sides it runs. */
    public enum Kind {
        /** Between two: the strongest. */
        AXIAL,
        TANGENTIAL,
        OBLIQUE
    }

    /** Between two sides, four or all six. */
    public Kind kind() {
        int pairs = Integer.signum(nx) + Integer.signum(ny) + Integer.signum(nz);
        return pairs == 1 ? Kind.AXIAL : pairs == 2 ? Kind.TANGENTIAL : Kind.OBLIQUE;
    }

    /** Mean square of the pressure over the room: one half for each pair of sides it runs between. */
    double meanSquare() {
        return (nx > 0 ? 0.5 : 1) * (ny > 0 ? 0.5 : 1) * (nz > 0 ? 0.5 : 1);
    }

    /** All modes above 0 Hz and up to a frequency, lowest first. */
    public static List<Mode> upTo(double highestHz, Space space, double speedMps) {
        List<Mode> modes = new ArrayList<>();
        double stepX = speedMps / 2 / space.widthM();
        double stepY = speedMps / 2 / space.depthM();
        double stepZ = speedMps / 2 / space.heightM();
        for (int x = 0; x * stepX <= highestHz; x++) {
            for (int y = 0; Math.hypot(x * stepX, y * stepY) <= highestHz; y++) {
                double flat = Math.hypot(x * stepX, y * stepY);
                for (int z = 0; Math.hypot(flat, z * stepZ) <= highestHz; z++) {
                    if (x + y + z > 0) {
                        modes.add(new Mode(x, y, z, Math.hypot(flat, z * stepZ)));
                    }
                }
            }
        }
        modes.sort(Comparator.comparingDouble(Mode::frequencyHz));
        return modes;
    }
}
