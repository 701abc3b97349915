package app.redlamp.media.cache;

import app.redlamp.core.measure.analysis.Outline;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.signal.LevelHistogram;
import app.redlamp.media.fault.Faults;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.io.IOException;

/** The JSON form of a report. It is read back by the version that wrote it and by no other. */
final class ReportDocument {
    private static final ObjectMapper MAPPER = JsonMapper.builder()
            .addModule(new Jdk8Module())
            .addModule(new SimpleModule()
                    .addSerializer(Outline.class, new OutlineWriter())
                    .addDeserializer(Outline.class, new OutlineReader())
                    .addSerializer(LevelHistogram.class, new HistogramWriter())
                    .addDeserializer(LevelHistogram.class, new HistogramReader()))
            .build();

    /** @param version of the meters that measured it */
    private record Kept(int version, Report report) {}

    private ReportDocument() {}

    static byte[] write(int version, Report report) throws IOException {
        return MAPPER.writeValueAsBytes(new Kept(version, report));
    }

    /** @throws IOException where it is no report, or one of another version */
    static Report read(int version, byte[] json) throws IOException {
        try {
            Kept kept = MAPPER.readValue(json, Kept.class);
            if (kept.version() != version || kept.report() == null) {
                throw new IOException(Faults.say("report-document.version-wanted", kept.version(), version));
            }
            return kept.report();
        } catch (IllegalArgumentException | NullPointerException e) {
            throw new IOException(Faults.say("report-document.no-report"), e);
        }
    }

    private static final class OutlineWriter extends StdSerializer<Outline> {
        private static final long serialVersionUID = 1;

        OutlineWriter() {
            super(Outline.class);
        }

        @Override
        public void serialize(Outline value, JsonGenerator out, SerializerProvider provider) throws IOException {
            out.writeBinary(value.toBytes());
        }
    }

    private static final class OutlineReader extends StdDeserializer<Outline> {
        private static final long serialVersionUID = 1;

        OutlineReader() {
            super(Outline.class);
        }

        @Override
        public Outline deserialize(JsonParser in, DeserializationContext context) throws IOException {
            return Outline.ofBytes(in.getBinaryValue());
        }
    }

    private static final class HistogramWriter extends StdSerializer<LevelHistogram> {
        private static final long serialVersionUID = 1;

        HistogramWriter() {
            super(LevelHistogram.class);
        }

        @Override
        public void serialize(LevelHistogram value, JsonGenerator out, SerializerProvider provider) throws IOException {
            int[] counts = new int[LevelHistogram.BINS];
            for (int bin = 0; bin < counts.length; bin++) {
                counts[bin] = value.count(bin);
            }
            out.writeArray(counts, 0, counts.length);
        }
    }

    private static final class HistogramReader extends StdDeserializer<LevelHistogram> {
        private static final long serialVersionUID = 1;

        HistogramReader() {
            super(LevelHistogram.class);
        }

        @Override
        public LevelHistogram deserialize(JsonParser in, DeserializationContext context) throws IOException {
            return LevelHistogram.ofCounts(in.readValueAs(int[].class));
        }
    }
}
