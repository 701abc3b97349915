package app.redlamp.media.production;

import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.planning.plan.Brief;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.Order;
import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.media.json.Codec;
import app.redlamp.media.json.Fields;
import app.redlamp.media.json.Texts;
import app.redlamp.media.library.SpecificationCodec;
import java.io.IOException;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/** What was agreed with the client, in {@code production.json} (docs/formats.md). */
final class BriefCodec {
    private static final Codec<RecordingFormat> CAPTURE = Codec.of(o -> new RecordingFormat(
            o.integer("sampleRateHz", RecordingFormat::sampleRateHz),
            o.integer("bitDepth", RecordingFormat::bitDepth),
            o.integer("channels", RecordingFormat::channels)));

    static final Codec<Brief> BRIEF = Codec.of(o -> new Brief(
            o.named("kind", JobKind.class, Brief::kind),
            o.text("title", Brief::title),
            o.text("client", Brief::client),
            o.as("start", Texts.DAY, Brief::start),
            o.optional("deadline", Texts.DAY, Brief::deadline),
            o.text("pattern", Brief::pattern),
            o.object("capture", CAPTURE, Brief::capture),
            o.named("gain", GainSchool.class, Brief::school)));

    private static final Codec<Map<Asked, String>> QUOTES = Codec.of(BriefCodec::quotes);

    static final Codec<Order> ORDER = Codec.of(o -> new Order(
            o.object("specification", SpecificationCodec.SPECIFICATION, Order::specification),
            o.object("basedOn", SpecificationCodec.SPECIFICATION, Order::basedOn),
            o.object("quotes", QUOTES, Order::quotes),
            o.text("mail", Order::mail)));

    private BriefCodec() {}

    private static Map<Asked, String> quotes(Fields<Map<Asked, String>> o) throws IOException {
        Map<Asked, String> quotes = new EnumMap<>(Asked.class);
        for (Asked asked : Asked.values()) {
            o.optionalText(asked.id(), q -> Optional.ofNullable(q.get(asked)))
                    .ifPresent(words -> quotes.put(asked, words));
        }
        return quotes;
    }
}
