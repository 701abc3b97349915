package app.redlamp.core.signal;

import java.util.ArrayList;
import java.util.List;

/** A growing row of numbers, kept in pieces so that growing never copies what is there. */
public final class FloatSeries {
    /** Values that are taken hold of together (ours). */
    private static final int PIECE = 1 << 12;

    private final List<float[]> pieces = new ArrayList<>();
    private int size;

    /** Adds a value at the end. */
    public void add(float value) {
        int at = size % PIECE;
        if (at == 0) {
            pieces.add(new float[PIECE]);
        }
        pieces.get(pieces.size() - 1)[at] = value;
        size++;
    }

    /** @throws IndexOutOfBoundsException beyond the last */
    public float get(int index) {
        return pieces.get(index / PIECE)[index % PIECE];
    }

    /** How many values. */
    public int size() {
        return size;
    }

    /** A copy of the numbers from {@code from} up to the end. */
    public float[] from(int from) {
        float[] copy = new float[Math.max(0, size - from)];
        for (int at = from; at < size; ) {
            int offset = at % PIECE;
            int count = Math.min(size - at, PIECE - offset);
            System.arraycopy(pieces.get(at / PIECE), offset, copy, at - from, count);
            at += count;
        }
        return copy;
    }

    /** What is there now, to be read while this one grows. Nothing is copied; what is given must not be added to. */
    public FloatSeries soFar() {
        FloatSeries now = new FloatSeries();
        now.pieces.addAll(pieces);
        now.size = size;
        return now;
    }

    /** A copy of the values. */
    public float[] toArray() {
        return from(0);
    }
}
