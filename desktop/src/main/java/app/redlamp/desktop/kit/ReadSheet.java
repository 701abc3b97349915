package app.redlamp.desktop.kit;

import app.redlamp.core.chain.datasheet.DataSheet;
import app.redlamp.core.chain.datasheet.DataSheetReader;

/**
 * A data sheet as it was understood.
 *
 * @param pasted its text
 * @param fault why it was not understood, one line; empty where it was
 */
record ReadSheet(String pasted, DataSheet sheet, String fault) {
    static ReadSheet of(String pasted) {
        try {
            return new ReadSheet(pasted, DataSheetReader.read(pasted), "");
        } catch (IllegalArgumentException e) {
            return new ReadSheet(pasted, DataSheet.EMPTY, String.valueOf(e.getMessage()));
        }
    }
}
