package app.redlamp.desktop.specification;

/** What is wrong with what was written in one field; the message names it. */
final class FieldFault extends IllegalArgumentException {
    private static final long serialVersionUID = 1;

    private final SpecificationField field;

    FieldFault(SpecificationField field, String message) {
        super(message);
        this.field = field;
    }

    SpecificationField field() {
        return field;
    }
}
