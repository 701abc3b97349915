package app.redlamp.desktop.deliver;

/**
 * Where the columns of the docket stand at a given width, so that header and rows agree. Where it gets narrow, the
 * skyline is left out first, then the bars shrink, then the last of them are left out.
 *
 * @param bars how many bars fit
 */
record DocketColumns(
        double nameRight, Span skyline, int bars, double barsLeft, double barStep, double barWidth, double actionLeft) {
    static final int MOST_BARS = 3;
    static final double NAME_LEFT = 40;
    static final double VALUE = 44;
    static final double ACTION = 74;

    private static final double SKYLINE = 84;
    private static final double GAP = 12;
    private static final double WITH_SKYLINE = 720;
    private static final double NAME_SHARE = 0.24;
    private static final double LEAST_NAME = 120;
    private static final double MOST_NAME = 180;
    private static final double LEAST_BAR = 24;

    /** From {@code left}, {@code width} wide; nothing is shown where the width is 0. */
    record Span(double left, double width) {
        double right() {
            return left + width;
        }
    }

    static DocketColumns of(double width) {
        double actionLeft = width - ACTION - 8;
        double nameRight = NAME_LEFT + Math.max(LEAST_NAME, Math.min(MOST_NAME, width * NAME_SHARE));
        boolean withSkyline = width >= WITH_SKYLINE;
        Span skyline = new Span(nameRight + GAP / 2, withSkyline ? SKYLINE : 0);
        double barsLeft = (withSkyline ? skyline.right() : nameRight) + GAP;
        double room = Math.max(0, actionLeft - barsLeft);
        int bars = (int) Math.min(MOST_BARS, room / (LEAST_BAR + VALUE + GAP));
        double step = bars == 0 ? 0 : room / bars;
        return new DocketColumns(nameRight, skyline, bars, barsLeft, step, step - VALUE - GAP, actionLeft);
    }

    /** The place of a bar; of width 0 where it does not fit. */
    Span bar(int index) {
        return index < bars ? new Span(barsLeft + index * barStep, barWidth) : new Span(barsLeft, 0);
    }
}
