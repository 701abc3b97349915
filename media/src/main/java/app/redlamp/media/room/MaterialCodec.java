package app.redlamp.media.room;

import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.media.json.Codec;
import app.redlamp.media.json.Fields;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;

/** Materials in their documents (docs/formats.md). */
final class MaterialCodec {
    private static final Codec<Material.Ware> WARE = Codec.of(o -> new Material.Ware(
            o.number("widthM", Material.Ware::widthM),
            o.number("heightM", Material.Ware::heightM),
            o.number("thicknessM", Material.Ware::thicknessM),
            o.number("price", Material.Ware::price),
            o.text("fire", Material.Ware::fire),
            o.text("fixing", "", Material.Ware::fixing)));

    /** A material. */
    static final Codec<Material> MATERIAL = Codec.of(MaterialCodec::material);

    private MaterialCodec() {}

    /** The fields of a material, which may be among others. */
    static Material material(Fields<Material> o) throws IOException {
        return new Material(
                o.text("id", Material::id),
                o.text("name", Material::name),
                o.named("use", Material.Use.class, Material::use),
                bands(o.numbers("absorption", m -> numbers(m.absorption()))),
                o.text("source", Material::source),
                o.optional("ware", WARE, Material::ware));
    }

    /** Six numbers as they stand in a list. */
    static List<Double> numbers(SixBands bands) {
        return Arrays.stream(bands.toArray()).boxed().toList();
    }

    /** @throws IllegalArgumentException where there are not six */
    static SixBands bands(List<Double> numbers) {
        return SixBands.of(numbers.stream().mapToDouble(d -> d).toArray());
    }
}
