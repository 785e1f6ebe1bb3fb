package zephyrdune.formats;

import de.javagl.jgltf.model.creation.MaterialBuilder;
import de.javagl.jgltf.model.creation.MeshPrimitiveBuilder;
import de.javagl.jgltf.model.impl.DefaultMeshPrimitiveModel;
import de.javagl.jgltf.model.v2.MaterialModelV2;
import java.nio.FloatBuffer;
import java.nio.IntBuffer;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import zephyrdune.render.body.Facets;
import zephyrdune.render.body.SetParts.SetPart;
import zephyrdune.render.material.Material;

/** Triangles by material, and the materials in glTF's terms: colour, metalness and roughness; what is clear by KHR_materials_transmission and _ior. */
final class GltfMaterials {

    private static final String TRANSMISSION = "KHR_materials_transmission";
    private static final String IOR = "KHR_materials_ior";

    private final Map<Material, MaterialModelV2> known = new IdentityHashMap<>();
    private final Set<String> extensions = new TreeSet<>();
    private MaterialModelV2 shining;

    /** Names of extensions that materials made use of. */
    Set<String> extensions() {
        return extensions;
    }

    /** A part's triangles, one primitive of each material. */
    List<DefaultMeshPrimitiveModel> primitives(SetPart part) {
        Map<Material, List<Facets>> byMaterial = new LinkedHashMap<>();
        part.facets().stream()
                .filter(facets -> facets.corners().length > 0)
                .forEach(facets -> byMaterial
                        .computeIfAbsent(facets.material(), material -> new ArrayList<>())
                        .add(facets));
        return byMaterial.entrySet().stream()
                .map(entry -> primitive(entry.getValue(), part.shines() ? shining() : material(entry.getKey())))
                .toList();
    }

    private static DefaultMeshPrimitiveModel primitive(List<Facets> all, MaterialModelV2 material) {
        int numbers = all.stream().mapToInt(facets -> facets.places().length).sum();
        int corners = all.stream().mapToInt(facets -> facets.corners().length).sum();
        FloatBuffer places = FloatBuffer.allocate(numbers);
        FloatBuffer normals = FloatBuffer.allocate(numbers);
        IntBuffer indices = IntBuffer.allocate(corners);
        for (Facets facets : all) {
            int before = places.position() / 3;
            for (int i = 0; i < facets.places().length; i++) {
                places.put((float) facets.places()[i]);
                normals.put((float) facets.normals()[i]);
            }
            for (int corner : facets.corners()) {
                indices.put(before + corner);
            }
        }
        DefaultMeshPrimitiveModel primitive = MeshPrimitiveBuilder.create()
                .setIntIndices(indices.flip())
                .addPositions3D(places.flip())
                .addNormals3D(normals.flip())
                .build();
        primitive.setMaterialModel(material);
        return primitive;
    }

    private MaterialModelV2 material(Material material) {
        return known.computeIfAbsent(material, this::made);
    }

    private MaterialModelV2 made(Material material) {
        MaterialModelV2 made = MaterialBuilder.create()
                .setBaseColorFactor((float) material.red(), (float) material.green(), (float) material.blue(), 1)
                .setMetallicRoughnessFactors(material.metal() ? 1 : 0, roughness(material))
                .setDoubleSided(true)
                .build();
        if (material.clear()) {
            extensions.add(TRANSMISSION);
            extensions.add(IOR);
            made.addExtension(TRANSMISSION, Map.of("transmissionFactor", 1));
            made.addExtension(IOR, Map.of("ior", Math.max(material.index(), 1 / material.index())));
        }
        return made;
    }

    /** glTF squares its roughness to the width of the facets' distribution; what has none is matte. */
    private static float roughness(Material material) {
        return material.clear() ? 0 : (float) Math.min(1, Math.sqrt(material.alpha()));
    }

    /** Of the lit side of a light, as bright as a picture can show. */
    private MaterialModelV2 shining() {
        if (shining == null) {
            shining = MaterialBuilder.create()
                    .setBaseColorFactor(0, 0, 0, 1)
                    .setMetallicRoughnessFactors(0, 1)
                    .build();
            shining.setEmissiveFactor(new float[] {1, 1, 1});
        }
        return shining;
    }
}
