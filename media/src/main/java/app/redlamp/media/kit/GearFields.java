package app.redlamp.media.kit;

import app.redlamp.core.chain.Booster;
import app.redlamp.core.chain.Capsule;
import app.redlamp.core.chain.Converter;
import app.redlamp.core.chain.Preamp;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.BoosterPart;
import app.redlamp.core.chain.kit.Cable;
import app.redlamp.core.chain.kit.Extra;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Price;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** Writes a part as JSON (docs/formats.md); {@link GearReader} reads it. */
final class GearFields {
    private GearFields() {}

    static void write(Gear gear, ObjectNode node) {
        node.put("id", gear.id()).put("name", gear.name());
        // A record of each kind: whoever adds one is told here.
        if (gear instanceof Microphone m) {
            microphone(m, node);
        } else if (gear instanceof AudioInterface a) {
            box(a, node);
        } else if (gear instanceof BoosterPart b) {
            booster(b.booster(), node);
        } else if (gear instanceof Cable c) {
            node.put("type", "cable")
                    .put("from", c.from().id())
                    .put("to", c.to().id())
                    .put("lengthM", c.lengthM());
        } else if (gear instanceof Extra e) {
            extra(e, node);
        }
        price(gear.price(), node.putObject("price"));
        node.put("note", gear.note());
    }

    private static void microphone(Microphone m, ObjectNode node) {
        node.put("type", "microphone").put("kind", m.kind().id());
        Capsule c = m.capsule();
        ObjectNode capsule = node.putObject("capsule");
        capsule.put("pattern", c.pattern().id()).put("sensitivityMvPerPa", c.sensitivityMvPerPa());
        c.selfNoiseDbA().ifPresent(n -> capsule.put("selfNoiseDbA", n));
        capsule.put("maxSplDb", c.maxSplDb()).put("outputOhm", c.outputOhm());
        c.evenAtM().ifPresent(at -> capsule.put("evenAtM", at));
        node.put("address", m.address().id())
                .put("plug", m.plug().id())
                .put("power", m.power().id())
                .put("diaphragmMm", millimetres(m.diaphragmM()))
                .put("weightKg", m.weightKg());
        m.inside().ifPresent(i -> {
            ObjectNode inside = node.putObject("inside");
            preamp(i.preamp(), inside.putObject("preamp"));
            converter(i.converter(), inside.putObject("converter"));
            inside.put("headphones", i.headphones()).put("automatic", i.automatic());
        });
    }

    /** To the thousandth, so that what is read is what was written. */
    private static double millimetres(double metres) {
        return Math.rint(metres * 1e6) / 1e3;
    }

    private static void box(AudioInterface a, ObjectNode node) {
        node.put("type", "interface")
                .put("form", a.form().id())
                .put("inputs", a.inputs())
                .put("socket", a.socket().id());
        preamp(a.preamp(), node.putObject("preamp"));
        converter(a.converter(), node.putObject("converter"));
        node.put("phantom", a.phantom())
                .put("tracks", a.tracks())
                .put("headphoneOutputs", a.headphoneOutputs())
                .put("directMonitoring", a.directMonitoring())
                .put("busMilliamps", a.busMilliamps());
    }

    private static void booster(Booster b, ObjectNode node) {
        node.put("type", "booster")
                .put("gainDb", b.gainDb())
                .put("einDbu", b.einDbu())
                .put("maxOutputDbu", b.maxOutputDbu());
    }

    private static void extra(Extra e, ObjectNode node) {
        node.put("type", "extra").put("use", e.use().id());
        e.reachM().ifPresent(r -> node.put("reachM", r));
        e.holdsKg().ifPresent(h -> node.put("holdsKg", h));
        if (e.outputs() > 0) {
            node.put("outputs", e.outputs());
        }
    }

    private static void preamp(Preamp p, ObjectNode node) {
        node.put("minGainDb", p.minGainDb())
                .put("maxGainDb", p.maxGainDb())
                .put("einDbu", p.einDbu())
                .put("strainDb", p.strainDb())
                .put("maxInputDbu", p.maxInputDbu())
                .put("inputOhm", p.inputOhm());
    }

    private static void converter(Converter c, ObjectNode node) {
        node.put("bits", c.bits()).put("dynamicRangeDbA", c.dynamicRangeDbA());
    }

    private static void price(Price price, ObjectNode node) {
        node.put("new", price.fresh());
        price.used().ifPresent(u -> node.put("used", u));
    }
}
