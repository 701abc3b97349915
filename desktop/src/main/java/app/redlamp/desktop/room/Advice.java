package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.outside.WhatIf;
import app.redlamp.core.acoustics.room.Boominess;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.spot.BassTrap;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.acoustics.spot.Treatment;
import app.redlamp.core.acoustics.spot.TreatmentStep;
import java.util.List;
import java.util.Optional;

/**
 * What would help a place.
 *
 * @param study of which place
 * @param move a better place in the room
 * @param trap thick absorption in a corner, where moving alone does not end the boom
 * @param steps treatment, the worst first
 * @param changes against the loudest noise
 */
public record Advice(
        Study study,
        Optional<Boominess.Move> move,
        Optional<BassTrap> trap,
        List<TreatmentStep> steps,
        List<WhatIf> changes) {

    public Advice {
        steps = List.copyOf(steps);
        changes = List.copyOf(changes);
    }

    static Advice of(Study study, List<Material> materials) {
        boolean booms = study.bass().worstDb() >= Boominess.HEARD_DB;
        return new Advice(
                study,
                booms ? Boominess.better(study.spot().room(), study.decay().seconds()) : Optional.empty(),
                study.bass().worstDb() >= Study.BOOM_DB
                        ? BassTrap.of(study.spot().room(), materials)
                        : Optional.empty(),
                new Treatment(study.wanted(), materials).steps(study.spot().room()),
                study.whatIfs());
    }
}
