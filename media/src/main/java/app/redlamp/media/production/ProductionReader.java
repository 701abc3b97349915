package app.redlamp.media.production;

import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Spots;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.kit.Kits;
import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.fault.Reason;
import app.redlamp.core.planning.plan.Brief;
import app.redlamp.core.planning.plan.Fee;
import app.redlamp.core.planning.plan.Item;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.Money;
import app.redlamp.core.planning.plan.Order;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.QuietHours;
import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.core.planning.plan.Spent;
import app.redlamp.core.planning.plan.WorkRatios;
import app.redlamp.core.planning.plan.WorkingTime;
import app.redlamp.core.planning.script.CharacterVoice;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Saying;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.planning.script.Span;
import app.redlamp.core.planning.take.Takes;
import app.redlamp.core.setting.card.Cards;
import app.redlamp.media.card.CardReader;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.JsonObject;
import app.redlamp.media.json.Named;
import app.redlamp.media.kit.KitReader;
import app.redlamp.media.library.SpecificationDocument;
import app.redlamp.media.library.SpecificationLibrary;
import app.redlamp.media.room.SpotReader;
import java.io.IOException;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Currency;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Makes a production of its document. Fields that this version does not know are passed over; they survive a save. */
final class ProductionReader {
    private static final int MOST_DIGITS = 15;
    private static final Currency EURO = Currency.getInstance("EUR");

    /** Stands for a brief that a newer version has written in a way that this one cannot understand. */
    private static final Brief UNTITLED =
            Brief.of(JobKind.AUDIOBOOK, "?", "", LocalDate.of(2000, 1, 1), Optional.empty());

    private final JsonObject document;

    ProductionReader(JsonObject document) {
        this.document = document;
    }

    /** Whether a newer version has written it: then it is read to be looked at, as far as it can be understood. */
    boolean newer() throws IOException {
        return document.integer("format") > ProductionFields.FORMAT;
    }

    /** Name of the file in {@code script/} that holds the text; absent where there is no script. */
    Optional<String> scriptName() throws IOException {
        if (newer()) {
            document.newer();
        }
        return document.part("script", this::textName, Optional.empty());
    }

    private Optional<String> textName() throws IOException {
        Optional<String> name = document.object("script").optionalText("text");
        return name.isEmpty() ? name : Optional.of(ScriptTextFile.checkedName(name.get()));
    }

    Production read(ScriptText text) throws IOException {
        if (newer()) {
            document.newer();
        }
        try {
            Brief brief = document.part("brief", () -> brief(document.object("brief")), UNTITLED);
            return new Production(
                    document.text("id"),
                    brief,
                    document.part("order", () -> order(document.object("order")), newer() ? usualOrder(brief) : null),
                    document.part("script", () -> script(document.object("script"), text), Script.NONE),
                    document.part("effort", () -> effort(document.object("effort")), WorkRatios.USUAL),
                    document.part("time", () -> time(document.object("time")), WorkingTime.USUAL),
                    document.part("money", () -> money(document.object("money")), Money.in(EURO)),
                    document.part("spent", this::spent, List.of()),
                    document.part("rooms", this::spots, Spots.NONE),
                    document.part("kits", this::kits, Kits.NONE),
                    document.part("setting", this::cards, Cards.NONE),
                    document.part("takes", this::takes, Takes.NONE));
        } catch (IllegalArgumentException | DateTimeException e) {
            // Figures that cannot be are refused where they are made; days and times where they are read.
            throw new IOException(e.getMessage(), e);
        }
    }

    private static Brief brief(JsonObject o) throws IOException {
        JsonObject capture = o.object("capture");
        Optional<String> deadline = o.optionalText("deadline");
        return new Brief(
                Named.of(JobKind.class, o, "kind"),
                o.text("title"),
                o.text("client"),
                LocalDate.parse(o.text("start")),
                deadline.map(LocalDate::parse),
                o.text("pattern"),
                new RecordingFormat(
                        capture.integer("sampleRateHz"), capture.integer("bitDepth"), capture.integer("channels")),
                Named.of(GainSchool.class, o, "gain"));
    }

    private static Order order(JsonObject o) throws IOException {
        Map<Asked, String> quotes = new EnumMap<>(Asked.class);
        JsonObject quoted = o.object("quotes");
        for (Asked asked : Asked.values()) {
            quoted.optionalText(asked.id()).ifPresent(words -> quotes.put(asked, words));
        }
        return new Order(specification(o, "specification"), specification(o, "basedOn"), quotes, o.text("mail"));
    }

    private static Order usualOrder(Brief brief) {
        List<Specification> shipped = SpecificationLibrary.shippedOnly();
        return Order.of(shipped.stream()
                .filter(s -> s.id().equals(brief.kind().specificationId()))
                .findFirst()
                .orElse(shipped.get(0)));
    }

    private static Specification specification(JsonObject o, String field) throws IOException {
        return SpecificationDocument.read(o.object(field));
    }

    private static Script script(JsonObject o, ScriptText text) throws IOException {
        List<Piece> pieces = new ArrayList<>();
        for (JsonObject piece : o.objects("pieces")) {
            List<Span> spans = new ArrayList<>();
            for (JsonObject span : piece.objects("blocks")) {
                spans.add(new Span(span.integer("from"), span.integer("to")));
            }
            pieces.add(new Piece(piece.text("title"), spans, piece.optionalNumber("plannedS")));
        }
        List<Saying> sayings = new ArrayList<>();
        for (JsonObject saying : o.objects("sayings")) {
            sayings.add(new Saying(saying.text("term"), saying.text("said"), saying.text("note")));
        }
        List<CharacterVoice> voices = new ArrayList<>();
        for (JsonObject voice : o.objects("voices")) {
            voices.add(new CharacterVoice(voice.text("name"), voice.text("voice")));
        }
        return new Script(text, pieces, sayings, voices);
    }

    private static WorkRatios effort(JsonObject o) throws IOException {
        return new WorkRatios(
                o.number("wordsPerMinute"), o.number("booth"), o.number("edit"), o.number("proof"), o.number("kept"));
    }

    private static WorkingTime time(JsonObject o) throws IOException {
        Map<DayOfWeek, QuietHours> quiet = new EnumMap<>(DayOfWeek.class);
        for (JsonObject day : o.objects("quiet")) {
            quiet.put(
                    Named.of(DayOfWeek.class, day, "day"),
                    new QuietHours(LocalTime.parse(day.text("from")), LocalTime.parse(day.text("to"))));
        }
        Set<LocalDate> off = new HashSet<>();
        for (String day : o.texts("daysOff")) {
            off.add(LocalDate.parse(day));
        }
        return new WorkingTime(
                quiet,
                off,
                o.integer("longestSessionMin"),
                o.integer("stretchMin"),
                o.integer("breakMin"),
                o.integer("editMin"),
                o.integer("correctionDays"));
    }

    private static Money money(JsonObject o) throws IOException {
        Optional<JsonObject> fee = o.optionalObject("fee");
        List<Item> items = new ArrayList<>();
        for (JsonObject item : o.objects("items")) {
            items.add(new Item(
                    item.text("name"),
                    amount(item, "new"),
                    optionalAmount(item, "used"),
                    Named.of(Item.Standing.class, item, "standing")));
        }
        return new Money(
                currency(o),
                fee.isEmpty()
                        ? Optional.empty()
                        : Optional.of(
                                new Fee(Named.of(Fee.Basis.class, fee.get(), "basis"), amount(fee.get(), "amount"))),
                optionalAmount(o, "budget"),
                items);
    }

    private static Currency currency(JsonObject o) throws IOException {
        try {
            return Currency.getInstance(o.text("currency"));
        } catch (IllegalArgumentException e) {
            throw new IOException(
                    Faults.say("production-reader.line-is-no", o.lineOf("currency"), Reason.shown(o.text("currency"))),
                    e);
        }
    }

    private List<Spent> spent() throws IOException {
        List<Spent> spent = new ArrayList<>();
        for (JsonObject one : document.objects("spent")) {
            spent.add(new Spent(
                    LocalDate.parse(one.text("day")),
                    Named.of(Spent.Phase.class, one, "phase"),
                    one.integer("minutes")));
        }
        return spent;
    }

    /** None where the document is older than rooms are. */
    private Spots spots() throws IOException {
        Optional<JsonObject> rooms = document.optionalObject("rooms");
        if (rooms.isEmpty()) {
            return Spots.NONE;
        }
        List<Spot> places = new ArrayList<>();
        for (JsonObject place : rooms.get().objects("places")) {
            places.add(SpotReader.read(place, List.of()));
        }
        return new Spots(places, rooms.get().optionalText("chosen").orElse(""));
    }

    /** None where the document is older than gain cards are. */
    private Cards cards() throws IOException {
        Optional<JsonObject> cards = document.optionalObject("setting");
        return cards.isEmpty() ? Cards.NONE : CardReader.cards(cards.get());
    }

    /** None where the document is older than takes are: then they are made of what lies in the folder. */
    private Takes takes() throws IOException {
        Optional<JsonObject> takes = document.optionalObject("takes");
        return takes.isEmpty() ? Takes.NONE : TakeCodec.read(takes.get());
    }

    /** None where the document is older than kits are. */
    private Kits kits() throws IOException {
        Optional<JsonObject> kits = document.optionalObject("kits");
        return kits.isEmpty() ? Kits.NONE : KitReader.kits(kits.get());
    }

    private static Optional<BigDecimal> optionalAmount(JsonObject o, String field) throws IOException {
        return o.optionalText(field).isEmpty() ? Optional.empty() : Optional.of(amount(o, field));
    }

    private static BigDecimal amount(JsonObject o, String field) throws IOException {
        String written = o.text(field);
        if (written.length() > MOST_DIGITS || !written.matches("\\d+(\\.\\d+)?")) {
            throw new IOException(Faults.say("production-reader.line-must-be", o.lineOf(field), field));
        }
        return new BigDecimal(written);
    }
}
