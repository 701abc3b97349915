package app.redlamp.media.production;

import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.port.Productions.Held;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneOffset;

/** Opens a production and saves it again and again, saying after each save which it was; made to be killed. */
final class Saver {
    private Saver() {}

    public static void main(String[] arguments) throws IOException {
        ProductionFolders folders = new ProductionFolders(Clock.system(ZoneOffset.UTC));
        Held held = folders.open(Path.of(arguments[0]));
        Production production = held.production();
        System.out.println("open");
        int most = Integer.parseInt(arguments[1]);
        for (int n = 1; n <= most; n++) {
            held.save(production.with(production.brief().forClient("Client " + n)));
            System.out.println("Client " + n);
        }
        held.close();
    }
}
