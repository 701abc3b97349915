package app.redlamp.media.demo;

import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.planning.mail.Proposal;
import app.redlamp.core.planning.mail.RequirementReader;
import app.redlamp.core.planning.plan.Brief;
import app.redlamp.core.planning.plan.Fee;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.Money;
import app.redlamp.core.planning.plan.Order;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.QuietHours;
import app.redlamp.core.planning.plan.ShoppingItem;
import app.redlamp.core.planning.plan.WorkRatios;
import app.redlamp.core.planning.plan.WorkingTime;
import app.redlamp.core.planning.script.CharacterVoice;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Pieces;
import app.redlamp.core.planning.script.Saying;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.planning.script.Splitter;
import app.redlamp.core.port.Productions;
import app.redlamp.core.port.Progress;
import app.redlamp.media.kit.KitShelf;
import app.redlamp.media.library.SpecificationLibrary;
import app.redlamp.media.production.ProductionFolders;
import app.redlamp.media.room.RoomShelf;
import app.redlamp.media.script.ScriptFiles;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Currency;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The three jobs of the demo's reader, who records in a box room above a bakery: the mixers begin at four in the morning, an
 * extraction fan runs until the shop has closed, and a fridge next door comes and goes.
 */
final class DemoBriefs {
    private static final Currency EURO = Currency.getInstance("EUR");
    private static final String BOOK = "borrowed-weather.md";
    private static final String GUIDE = "salt-mill-guide.txt";
    private static final String MAIL = """
            Hello Maren,

            lovely sample, the committee said yes before I had finished my coffee. For the files: please keep \
            the level between -23 and -18 dB RMS, with peaks no higher than -3 dB and a noise floor under -60. \
            MP3 at 192 kbps, 44.1 kHz. Half a second to one second of room tone at the head and 1 to 5 seconds \
            at the end. One file a chapter, please.

            Looking forward to the weather,
            Piet (Nine Steps Audio)
            """;

    private final Path parent;
    private final Clock clock;
    private final LocalDate today;

    private DemoBriefs(Path parent, Clock clock) {
        this.parent = parent;
        this.clock = clock;
        today = LocalDate.now(clock);
    }

    /** Writes all three below a folder and returns that of the audiobook. */
    static Path write(Path parent, Clock clock) throws IOException {
        DemoBriefs briefs = new DemoBriefs(parent, clock);
        briefs.create(briefs.podcast(), Optional.empty());
        briefs.create(briefs.guide(), Optional.of(GUIDE));
        return briefs.create(briefs.book(), Optional.of(BOOK));
    }

    private Path create(Production production, Optional<String> script) throws IOException {
        try (Productions.Held held = new ProductionFolders(clock).create(parent, production)) {
            if (script.isPresent()) {
                Path file = resource(script.get());
                held.keepScript(file);
                Files.delete(file);
            }
            return held.folder();
        }
    }

    private Production book() throws IOException {
        Brief brief = Brief.of(
                JobKind.AUDIOBOOK, DemoProduction.TITLE, "Nine Steps Audio", today, Optional.of(today.plusDays(24)));
        ScriptText text = text(BOOK);
        Script script = new Script(
                text,
                pieces(text, false),
                List.of(
                        new Saying("cwm", "koom", "rhymes with room"),
                        new Saying("sough", "suff", "as in rough"),
                        new Saying("Bight", "bite", "")),
                List.of(
                        new CharacterVoice("Ysolde Bight", "low and dry, never hurries, ends her sentences downwards"),
                        new CharacterVoice("Mr. Lisle", "light, precise, a little through the nose"),
                        new CharacterVoice("Dr Harrow", "warm, tired, rounds off his consonants")));
        Money money = Money.in(EURO)
                .withFee(Optional.of(new Fee(Fee.Basis.FINISHED_HOUR, new BigDecimal("210"))))
                .withBudget(Optional.of(new BigDecimal("260")))
                .withItems(List.of(
                        item("two moving blankets", "48", null, ShoppingItem.Standing.NEW),
                        item("pop filter on an arm", "22", "9", ShoppingItem.Standing.USED),
                        item("interface with one preamp", "119", "70", ShoppingItem.Standing.OWNED)));
        return production("demo-borrowed-weather", brief, order(brief, MAIL), script, money)
                .with(new WorkRatios(155, 3, 3, 1, 1.3))
                .with(new DemoRooms(RoomShelf.in(parent)).spots())
                .with(new DemoKits(KitShelf.in(parent)).book());
    }

    private Production guide() throws IOException {
        Brief brief = Brief.of(
                JobKind.AUDIO_GUIDE,
                "The Salt Mill",
                "Museum of Lower Amble",
                today.plusDays(7),
                Optional.of(today.plusDays(30)));
        ScriptText text = text(GUIDE);
        // What comes first is said to the reader and not to the visitors.
        List<Piece> stops = Pieces.remove(pieces(text, true), 0);
        Script script = new Script(text, stops, List.of(), List.of());
        Money money = Money.in(EURO).withFee(Optional.of(new Fee(Fee.Basis.FLAT, new BigDecimal("420"))));
        return production("demo-salt-mill", brief, order(brief, ""), script, money)
                .with(new DemoKits(KitShelf.in(parent)).guide());
    }

    private Production podcast() throws IOException {
        Brief brief = Brief.of(JobKind.PODCAST_REMOTE, "Second Rise", "", today, Optional.of(today.plusDays(18)));
        List<Piece> episodes = List.of(
                Piece.spoken("Why dough remembers", 2700),
                Piece.spoken("Salt, with a guest from the mill", 3000),
                Piece.spoken("Letters from listeners", 1500));
        Script script = new Script(ScriptText.EMPTY, episodes, List.of(), List.of());
        Money money = Money.in(EURO).withBudget(Optional.of(new BigDecimal("150")));
        return production("demo-second-rise", brief, order(brief, ""), script, money)
                .with(new WorkRatios(155, 1.5, 2, 1, 1.2))
                .with(new DemoKits(KitShelf.in(parent)).podcast())
                // Talking is easier on a voice than reading.
                .with(evenings().withLongestSession(90));
    }

    private static Production production(String id, Brief brief, Order order, Script script, Money money) {
        return new Production(id, brief, order, script, WorkRatios.USUAL, evenings(), money, List.of());
    }

    /** The oven's fan is off from eight; the voice is getting over a cold. */
    private static WorkingTime evenings() {
        Map<DayOfWeek, QuietHours> quiet = new EnumMap<>(DayOfWeek.class);
        QuietHours evening = new QuietHours(LocalTime.of(20, 0), LocalTime.of(22, 0));
        quiet.put(DayOfWeek.TUESDAY, evening);
        quiet.put(DayOfWeek.THURSDAY, evening);
        quiet.put(DayOfWeek.SUNDAY, new QuietHours(LocalTime.of(19, 0), LocalTime.of(21, 30)));
        return new WorkingTime(quiet, Set.of(), 20, 20, 5, 30, 2);
    }

    private static List<Piece> pieces(ScriptText text, boolean cues) {
        Splitter splitter = new Splitter(text);
        return splitter.by(splitter.best(cues));
    }

    private static Order order(Brief brief, String mail) {
        List<Specification> library = SpecificationLibrary.shippedOnly();
        Specification usual = library.stream()
                .filter(s -> s.id().equals(brief.kind().specificationId()))
                .findFirst()
                .orElseThrow();
        if (mail.isEmpty()) {
            return Order.of(usual);
        }
        Proposal read = RequirementReader.read(mail, usual, library);
        return new Order(read.specification(), read.base(), read.quotes(), mail);
    }

    private static ShoppingItem item(String name, String price, String used, ShoppingItem.Standing standing) {
        return new ShoppingItem(
                name, new BigDecimal(price), Optional.ofNullable(used).map(BigDecimal::new), standing);
    }

    private ScriptText text(String name) throws IOException {
        Path file = resource(name);
        try {
            return new ScriptFiles().read(file, Progress.NONE);
        } finally {
            Files.delete(file);
        }
    }

    /** A copy of a script that ships, in the folder of the demo. */
    private Path resource(String name) throws IOException {
        Path file = parent.resolve(name);
        try (InputStream in = DemoBriefs.class.getResourceAsStream(name)) {
            Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
        }
        return file;
    }
}
