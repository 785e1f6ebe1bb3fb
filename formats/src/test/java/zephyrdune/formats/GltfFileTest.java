package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import de.javagl.jgltf.model.AccessorFloatData;
import de.javagl.jgltf.model.GltfModel;
import de.javagl.jgltf.model.NodeModel;
import de.javagl.jgltf.model.io.GltfModelReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import zephyrdune.set.TableSet;

/** The set in three dimensions, read back by a general-purpose library. A browser test has the Khronos validator look at it. */
public class GltfFileTest {

    private static final double HALF_SENSOR_HEIGHT_OVER_DISTANCE = 0.5;

    private TableSet set;
    private byte[] file;
    private GltfModel model;

    @BeforeClass
    public void write() throws IOException, BadFile {
        set = SetFormat.read(Files.readAllBytes(Path.of("../server/src/main/resources/demo/1-chowder.json")));
        file = GltfFile.write(set);
        model = new GltfModelReader().readWithoutReferences(new ByteArrayInputStream(file));
    }

    private NodeModel node(String name) {
        return model.getNodeModels().stream()
                .filter(node -> name.equals(node.getName()))
                .findFirst()
                .orElseThrow();
    }

    /** Highest place of a part over the ground, in the file's own coordinates: glTF has y up. */
    private double top(NodeModel part) {
        float[] global = part.computeGlobalTransform(null);
        double top = Double.NEGATIVE_INFINITY;
        for (var primitive : part.getMeshModels().get(0).getMeshPrimitiveModels()) {
            AccessorFloatData places = (AccessorFloatData)
                    primitive.getAttributes().get("POSITION").getAccessorData();
            for (int i = 0; i < places.getNumElements(); i++) {
                double y = global[13];
                for (int axis = 0; axis < 3; axis++) {
                    y += global[1 + 4 * axis] * places.get(i, axis);
                }
                top = Math.max(top, y);
            }
        }
        return top;
    }

    /** ISO/IEC 12113, 4.4: magic, version 2, the length of the whole file. */
    @Test
    public void beginsAsTheStandardSays() {
        ByteBuffer head = ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN);
        assertThat(head.getInt()).isEqualTo(0x46546C67);
        assertThat(head.getInt()).isEqualTo(2);
        assertThat(head.getInt()).isEqualTo(file.length);
        assertThat(file.length).isLessThan(20_000_000);
    }

    @Test
    public void hasEveryThingOnTheSetWithYUp() {
        assertThat(model.getNodeModels())
                .extracting(NodeModel::getName)
                .contains("Table top", "Backdrop", "Hero", "Light", "Camera");
        assertThat(top(node("Hero"))).isCloseTo(set.dish().height(), within(2e-3));
        assertThat(top(node("Table top"))).isCloseTo(0, within(1e-6));
        assertThat(top(node("Backdrop"))).isCloseTo(set.backdrop().height(), within(1e-6));
    }

    /** The camera looks along its own -z, from where it stands towards the hero; its field of view is that of lens and sensor. */
    @Test
    public void hasTheCameraWhereItStands() {
        float[] global = node("Camera").computeGlobalTransform(null);
        double[] eye = {global[12], global[13], global[14]};
        double[] way = {-global[8], -global[9], -global[10]};
        double distance = Math.sqrt(eye[0] * eye[0] + eye[1] * eye[1] + eye[2] * eye[2]);
        double[] reached = {eye[0] + way[0] * distance, eye[1] + way[1] * distance, eye[2] + way[2] * distance};
        assertThat(reached[0]).isCloseTo(0, within(0.02));
        assertThat(reached[1]).isCloseTo(set.dish().height() / 2, within(0.05));
        assertThat(reached[2]).isCloseTo(0, within(0.05));
        assertThat(eye[1]).as("over the table").isPositive();
        assertThat(eye[2]).as("on the viewer's side: glTF has +z towards them").isPositive();
        float yfov = model.getCameraModels().get(0).getCameraPerspectiveModel().getYfov();
        double framed = set.camera().framedHeight()
                * HALF_SENSOR_HEIGHT_OVER_DISTANCE
                / set.camera().subjectDistance();
        assertThat(Math.tan(yfov / 2)).isCloseTo(framed, within(1e-6));
    }

    /** KHR_lights_punctual: a spot along -z of its node, in candela. */
    @Test
    @SuppressWarnings("unchecked")
    public void hasTheLightAsASpotTowardsTheHero() {
        assertThat(model.getExtensionsModel().getExtensionsUsed()).contains("KHR_lights_punctual");
        Map<String, Object> extension =
                (Map<String, Object>) model.getExtensions().get("KHR_lights_punctual");
        Map<String, Object> spot = ((List<Map<String, Object>>) extension.get("lights")).get(0);
        assertThat(spot).containsEntry("type", "spot");
        double candela = ((Number) spot.get("intensity")).doubleValue();
        float[] global = node("Light, as a spot").computeGlobalTransform(null);
        double[] at = {global[12], global[13], global[14]};
        double distance = Math.sqrt(at[0] * at[0] + at[1] * at[1] + at[2] * at[2]);
        double towardsHero = (global[8] * at[0] + global[9] * at[1] + global[10] * at[2]) / distance;
        assertThat(towardsHero).isGreaterThan(0.98);
        // what a correct exposure needs on a surface that faces the light, within a stop: the set's light is exposed
        // for (ISO 2720, C = 250)
        double lux = candela / distance / distance;
        double correct = 250
                * set.exposure().aperture()
                * set.exposure().aperture()
                / set.exposure().speed()
                / set.exposure().shutter();
        assertThat(Math.log(lux / correct) / Math.log(2)).isBetween(-1.5, 1.5);
    }
}
