package app.redlamp.desktop.deliver;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Finishing;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;

/** One recording on the docket: the file, how far it has come, and where it is playing. */
public final class DocketRow {
    private static final Pattern FIRST_LETTER = Pattern.compile("\\p{L}");

    private final Path file;
    private final ReadOnlyObjectWrapper<RowStatus> status = new ReadOnlyObjectWrapper<>(new RowStatus.Fresh());
    private final ObjectProperty<OptionalDouble> playingS = new SimpleObjectProperty<>(OptionalDouble.empty());
    private final Map<String, Finishing.Result> results = new HashMap<>();
    private Optional<Report> report = Optional.empty();

    DocketRow(Path file) {
        this.file = file;
    }

    public Path file() {
        return file;
    }

    /** The file's name without its ending, as words. */
    public String title() {
        String name = file.getFileName().toString();
        int dot = name.lastIndexOf('.');
        String words = (dot > 0 ? name.substring(0, dot) : name)
                .replaceAll("[-_\\p{Cntrl}\u2028\u2029]+", " ")
                .trim();
        Matcher letter = FIRST_LETTER.matcher(words);
        return letter.find()
                ? letter.replaceFirst(Matcher.quoteReplacement(letter.group().toUpperCase(Locale.ROOT)))
                : name;
    }

    public ReadOnlyObjectProperty<RowStatus> status() {
        return status.getReadOnlyProperty();
    }

    /** Where it is playing, in seconds from the start; absent while it is not. */
    public ObjectProperty<OptionalDouble> playingS() {
        return playingS;
    }

    Optional<Report> report() {
        return report;
    }

    void measured(Report value) {
        report = Optional.of(value);
    }

    /** Remembers how finishing for a specification ended, so that choosing it again shows it again. */
    void ended(String specificationId, Finishing.Result result) {
        results.put(specificationId, result);
    }

    Optional<Finishing.Result> result(String specificationId) {
        return Optional.ofNullable(results.get(specificationId));
    }

    void set(RowStatus value) {
        status.set(value);
    }
}
