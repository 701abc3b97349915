package app.redlamp.desktop.deliver;

/**
 * Where the columns of the docket stand at a given width, so that header and rows agree. The skyline is left out first
 * where it gets narrow; then the bars shrink.
 */
record DocketColumns(
        double nameRight, Span skyline, double barsLeft, double barStep, double barWidth, double actionLeft) {
    static final int BARS = 3;
    static final double NAME_LEFT = 40;
    static final double VALUE = 44;

    private static final double ACTION = 74;
    private static final double SKYLINE = 84;
    private static final double GAP = 12;
    private static final double WITH_SKYLINE = 720;
    private static final double NAME_SHARE = 0.205;
    private static final double LEAST_NAME = 165;

    /** From {@code left}, {@code width} wide; nothing is shown where the width is 0. */
    record Span(double left, double width) {
        double right() {
            return left + width;
        }
    }

    static DocketColumns of(double width) {
        double actionLeft = width - ACTION - 8;
        double nameRight = NAME_LEFT + Math.max(LEAST_NAME, width * NAME_SHARE);
        boolean withSkyline = width >= WITH_SKYLINE;
        Span skyline = new Span(nameRight + GAP / 2, withSkyline ? SKYLINE : 0);
        double barsLeft = (withSkyline ? skyline.right() : nameRight) + GAP;
        double step = (actionLeft - barsLeft) / BARS;
        return new DocketColumns(nameRight, skyline, barsLeft, step, Math.max(24, step - VALUE - GAP), actionLeft);
    }

    Span bar(int index) {
        return new Span(barsLeft + index * barStep, barWidth);
    }

    double actionWidth() {
        return ACTION;
    }
}
