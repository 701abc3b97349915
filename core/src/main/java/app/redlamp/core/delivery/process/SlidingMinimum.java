package app.redlamp.core.delivery.process;

/** The smallest of the last {@code length} values, at constant cost a value (a queue that only ever rises). */
final class SlidingMinimum {
    private final double[] values;
    private final long[] positions;
    private final int length;
    private int head;
    private int size;
    private long position;

    SlidingMinimum(int length) {
        this.length = length;
        values = new double[length + 1];
        positions = new long[length + 1];
    }

    double next(double value) {
        while (size > 0 && values[(head + size - 1) % values.length] >= value) {
            size--;
        }
        int last = (head + size) % values.length;
        values[last] = value;
        positions[last] = position;
        size++;
        if (positions[head] <= position - length) {
            head = (head + 1) % values.length;
            size--;
        }
        position++;
        return values[head];
    }
}
