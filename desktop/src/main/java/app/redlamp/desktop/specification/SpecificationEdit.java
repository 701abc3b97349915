package app.redlamp.desktop.specification;

import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.port.Specifications;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;

/**
 * A specification of the user's own while it is being edited: its document, and what is wrong with it at each moment. A
 * shipped one is never changed; editing it makes a copy under an id that is free.
 */
public final class SpecificationEdit {
    private final Specifications specifications;
    private final JobService jobs;
    private final Strings strings;
    private final boolean inLibrary;
    private final StringProperty document = new SimpleStringProperty("");
    private final ReadOnlyStringWrapper fault = new ReadOnlyStringWrapper("");

    private SpecificationEdit(Specifications specifications, JobService jobs, Strings strings, boolean inLibrary) {
        this.specifications = specifications;
        this.jobs = jobs;
        this.strings = strings;
        this.inLibrary = inLibrary;
        document.addListener((o, was, now) -> fault.set(check(now)));
    }

    /** Of a specification of the library, or of a copy of a shipped one; it is saved there. */
    public static SpecificationEdit inLibrary(
            Specifications specifications, JobService jobs, Strings strings, Specification original) {
        SpecificationEdit edit = new SpecificationEdit(specifications, jobs, strings, true);
        edit.document.set(specifications.document(edit.own(original)));
        return edit;
    }

    /** Of what one client asks for, which stays with the production and leaves the library as it is. */
    public static SpecificationEdit ofOrder(
            Specifications specifications, JobService jobs, Strings strings, Specification original) {
        SpecificationEdit edit = new SpecificationEdit(specifications, jobs, strings, false);
        edit.document.set(specifications.document(original));
        return edit;
    }

    /** The document as it stands; JSON. */
    public StringProperty document() {
        return document;
    }

    /** What is wrong with the document, in one line with its place; empty where nothing is. */
    public ReadOnlyStringProperty fault() {
        return fault.getReadOnlyProperty();
    }

    /** The specification that the document says; empty while something is wrong with it. */
    Optional<Specification> read() {
        try {
            return Optional.of(specifications.read(document.get()));
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /** Puts another specification in place of the document. */
    void write(Specification specification) {
        document.set(specifications.document(specification));
        fault.set(check(document.get()));
    }

    /** Says what is wrong with what was filled in; the document stays as it was last right. */
    void refuse(String line) {
        fault.set(line);
    }

    /** Keeps it: in the library, away from the interface thread; does nothing while something is wrong with it. */
    public void save(Consumer<Specification> saved) {
        Optional<Specification> read = read();
        if (read.isEmpty() || !fault.get().isEmpty()) {
            return;
        }
        if (!inLibrary) {
            saved.accept(read.get());
            return;
        }
        List<JobService.Work<Specification>> work = List.of(progress -> {
            specifications.save(read.get());
            return read.get();
        });
        jobs.start(strings.say("job.save-specification"), work, new JobService.Listener<>() {
            @Override
            public void done(int part, Specification specification) {
                saved.accept(specification);
            }

            @Override
            public void failed(int part, String message) {
                fault.set(message);
            }

            @Override
            public void ended(boolean cancelled) {}
        });
    }

    private Specification own(Specification original) {
        if (specifications.isOwn(original.id())) {
            return original;
        }
        String id = original.id() + "-own";
        for (int n = 2; specifications.byId(id).isPresent(); n++) {
            id = original.id() + "-own-" + n;
        }
        return original.as(id, strings.say("specification.own", original.name()));
    }

    private String check(String text) {
        try {
            Specification read = specifications.read(text);
            return !inLibrary || specifications.isOwn(read.id()) ? "" : strings.say("specification.taken", read.id());
        } catch (IOException e) {
            return e.getMessage();
        }
    }
}
