package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.desktop.control.CurveView;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.layout.StackPane;

/** All noise at once in octaves, and the noise-rating curve that it touches. */
final class NoiseCurve extends StackPane {
    private static final double LOWEST_DB = -5;
    private static final double HIGHEST_DB = 75;
    private static final double HEIGHT = 150;
    private static final List<Double> TICKS = List.of(63.0, 125.0, 250.0, 500.0, 1000.0, 2000.0, 4000.0, 8000.0);

    private final CurveView picture = new CurveView();
    private final StationParts<RoomStation.Models> parts;

    NoiseCurve(StationParts<RoomStation.Models> parts) {
        this.parts = parts;
        picture.setId("noise-curve");
        picture.setPrefHeight(HEIGHT);
        picture.setMinHeight(HEIGHT);
        getStyleClass().add("room-plan");
        getChildren().add(picture);
    }

    void show(Study study) {
        setVisible(study.week().isPresent());
        picture.show(study.week().map(w -> curves(w.together())));
    }

    private CurveView.Curves curves(OctaveLevels noise) {
        double rating = noise.noiseRating();
        List<Double> hz = new ArrayList<>();
        List<Double> levels = new ArrayList<>();
        List<Double> limit = new ArrayList<>();
        int touching = 0;
        for (int b = 0; b < OctaveLevels.COUNT; b++) {
            hz.add(OctaveLevels.centreHz(b));
            levels.add(noise.at(b));
            limit.add(OctaveLevels.noiseRatingDb(rating, b));
            touching = limit.get(b) - levels.get(b) < limit.get(touching) - levels.get(touching) ? b : touching;
        }
        return new CurveView.Curves(
                List.of(
                        new CurveView.Curve(CurveView.Look.BEFORE, hz, limit),
                        new CurveView.Curve(CurveView.Look.NOISE_NOW, hz, levels)),
                TICKS,
                LOWEST_DB,
                HIGHEST_DB,
                List.of(new CurveView.Mark(
                        hz.get(touching),
                        levels.get(touching),
                        parts.strings()
                                .say("noise.touches", parts.bench().figures().whole(rating)),
                        false)));
    }
}
