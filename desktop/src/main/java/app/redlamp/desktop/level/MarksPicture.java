package app.redlamp.desktop.level;

import app.redlamp.core.setting.marks.Control;
import app.redlamp.core.setting.marks.Learnt;
import app.redlamp.core.setting.marks.MarkCurve;
import app.redlamp.core.setting.marks.MarkLevels;
import app.redlamp.core.setting.marks.Positions;
import app.redlamp.core.setting.marks.Scale;
import app.redlamp.desktop.control.MarksView;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Makes the picture of one control from what was learnt of it. */
final class MarksPicture {
    /** Points of a curve (ours). */
    private static final int POINTS = 48;

    /** Lower no voice is heard (ours). */
    private static final double LOWEST_DBFS = -90;

    private MarksPicture() {}

    /** Absent for a control that is not there. */
    static Optional<MarksView.Marks> of(
            StationParts<?> parts, Learnt learnt, Control control, Optional<Positions> wanted) {
        return learnt.scale(control).map(scale -> picture(parts, learnt, control, scale, wanted));
    }

    private static MarksView.Marks picture(
            StationParts<?> parts, Learnt learnt, Control control, Scale scale, Optional<Positions> wanted) {
        Optional<Positions> row = learnt.rest(control);
        List<MarksView.Line> lines = learnt.phrases().stream()
                .filter(p -> row.filter(
                                r -> control.other().of(r) == control.other().of(p.at()))
                        .isPresent())
                .map(p -> new MarksView.Line(control.of(p.at()), p.peakDbfs(), p.plain()))
                .toList();
        return new MarksView.Marks(
                parts.say("marks.picture." + control.id()),
                end(parts, scale, scale.lowest()),
                end(parts, scale, scale.highest()),
                LOWEST_DBFS,
                0,
                curve(learnt, control, row),
                lines,
                wanted.map(control::of).map(mark -> end(parts, scale, mark)));
    }

    private static MarksView.End end(StationParts<?> parts, Scale scale, double mark) {
        return new MarksView.End(mark, parts.words().marks().mark(scale, mark));
    }

    private static List<MarksView.Point> curve(Learnt learnt, Control control, Optional<Positions> row) {
        Optional<MarkCurve> curve = learnt.curve(control);
        Optional<MarkLevels> levels = MarkLevels.of(learnt);
        List<MarksView.Point> all = new ArrayList<>();
        if (curve.isPresent() && levels.isPresent() && row.isPresent()) {
            double low = curve.get().lowest();
            double high = curve.get().highest();
            for (int i = 0; i <= POINTS; i++) {
                double mark = low + (high - low) * i / POINTS;
                all.add(new MarksView.Point(mark, levels.get().peakDbfs(control.set(row.get(), mark))));
            }
        }
        return all;
    }
}
