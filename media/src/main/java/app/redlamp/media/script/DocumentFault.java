package app.redlamp.media.script;

import java.io.IOException;

/** A document that cannot be read as a script. The message is one line: what is wrong and what to do. */
final class DocumentFault extends IOException {
    private static final long serialVersionUID = 1;

    DocumentFault(String message) {
        super(message);
    }

    DocumentFault(String message, Throwable cause) {
        super(message, cause);
    }
}
