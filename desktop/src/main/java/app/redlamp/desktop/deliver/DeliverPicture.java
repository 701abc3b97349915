package app.redlamp.desktop.deliver;

import app.redlamp.core.delivery.finish.FinishOutcome;
import app.redlamp.core.delivery.finish.Obstacle;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.units.Limits;
import app.redlamp.desktop.control.HillsPicture;
import app.redlamp.desktop.look.Strings;
import app.redlamp.words.Wording;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/** The hills of the selected recording with what its specification allows. */
final class DeliverPicture {
    private static final int LOWEST_DBFS = -90;
    private static final int STEP_DB = 10;

    /** A shift smaller than this is not worth an arrow. */
    private static final double LEAST_SHIFT_DB = 0.5;

    private final Strings strings;
    private final Wording wording;

    DeliverPicture(Strings strings, Wording wording) {
        this.strings = strings;
        this.wording = wording;
    }

    Optional<HillsPicture> of(RowStatus status) {
        return status.judged().map(judged -> {
            Specification specification = judged.judgement().specification();
            OptionalDouble shift = shift(status, judged);
            return new HillsPicture(
                    judged.report().noiseHill(),
                    judged.report().voiceHill(),
                    shift,
                    Optional.of(specification.aim().limits()),
                    specification.noiseFloorDbfs(),
                    judged.forecast().obstacles().stream().anyMatch(Obstacle.Noise.class::isInstance),
                    words(specification, shift));
        });
    }

    private static OptionalDouble shift(RowStatus status, RowStatus.Judged judged) {
        OptionalDouble gain = judged.forecast().gainDb();
        if (status instanceof RowStatus.Ended ended
                && ended.result().outcome() instanceof FinishOutcome.Finished finished) {
            gain = OptionalDouble.of(finished.settings().gainDb());
        }
        boolean clipped = judged.forecast().obstacles().stream().anyMatch(Obstacle.Clipped.class::isInstance);
        return clipped || judged.deliverable() || Math.abs(gain.orElse(0)) < LEAST_SHIFT_DB
                ? OptionalDouble.empty()
                : gain;
    }

    private HillsPicture.Words words(Specification specification, OptionalDouble shift) {
        Limits loudness = specification.aim().limits();
        List<String> axis = IntStream.rangeClosed(0, -LOWEST_DBFS / STEP_DB)
                .mapToObj(i -> LOWEST_DBFS + i * STEP_DB)
                .map(db ->
                        db == 0 ? strings.say("hills.zero") : wording.figures().whole(db))
                .toList();
        return new HillsPicture.Words(
                strings.say("hills.noise"),
                strings.say("hills.voice"),
                strings.say(
                        "hills.loudness",
                        wording.figures().whole(loudness.low().orElse(0)),
                        wording.figures().whole(loudness.high().orElse(0)),
                        specification.aim().measure().unit()),
                specification.noiseFloorDbfs().isPresent()
                        ? strings.say(
                                "hills.floor",
                                wording.figures()
                                        .whole(specification.noiseFloorDbfs().getAsDouble()))
                        : "",
                shift.isPresent() ? strings.say("hills.shift", wording.figures().signed(shift.getAsDouble())) : "",
                strings.say("hills.after"),
                axis);
    }
}
