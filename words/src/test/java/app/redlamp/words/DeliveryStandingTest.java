package app.redlamp.words;

import app.redlamp.core.delivery.DeliveryProblem;
import app.redlamp.core.delivery.DeliveryVerdict;
import app.redlamp.core.delivery.FileStanding;
import app.redlamp.core.delivery.spec.SetJudge;
import app.redlamp.core.delivery.spec.Specifications;
import app.redlamp.core.measure.analysis.Reports;
import app.redlamp.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

class DeliveryStandingTest extends StandingContract {
    private final Wording words = new Wording(Locale.UK);

    /** Every mixture of up to three files, alike and far apart. */
    @Override
    List<Case> cases() {
        List<Case> all = new ArrayList<>();
        all.add(of(List.of(), List.of()));
        List<List<SetJudge.Comparison>> sets = List.of(List.of(), apart());
        for (FileStanding.Stage first : FileStanding.Stage.values()) {
            for (FileStanding.Stage second : FileStanding.Stage.values()) {
                for (FileStanding.Stage third : FileStanding.Stage.values()) {
                    for (List<SetJudge.Comparison> together : sets) {
                        all.add(of(
                                List.of(
                                        new FileStanding(first, false),
                                        new FileStanding(second, true),
                                        new FileStanding(third, false)),
                                together));
                    }
                }
            }
        }
        return all;
    }

    private static List<SetJudge.Comparison> apart() {
        return SetJudge.judge(
                Specifications.audiobook(),
                List.of(
                        Reports.good().get(),
                        Reports.good().gain(-2.6).get(),
                        Reports.good().gain(2.5).get()),
                List.of("1.mp3", "2.mp3", "3.mp3"));
    }

    private Case of(List<FileStanding> files, List<SetJudge.Comparison> together) {
        Verdict<DeliveryProblem> verdict = DeliveryVerdict.of(files, together);
        return new Case(files + " " + together.size(), verdict, words.sentence(verdict, files.size()));
    }

    @Override
    boolean saysClear(String sentence) {
        return sentence.startsWith("Clear to send");
    }
}
