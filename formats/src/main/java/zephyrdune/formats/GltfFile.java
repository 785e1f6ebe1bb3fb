package zephyrdune.formats;

import de.javagl.jgltf.model.creation.GltfModelBuilder;
import de.javagl.jgltf.model.impl.DefaultCameraModel;
import de.javagl.jgltf.model.impl.DefaultCameraPerspectiveModel;
import de.javagl.jgltf.model.impl.DefaultGltfModel;
import de.javagl.jgltf.model.impl.DefaultMeshModel;
import de.javagl.jgltf.model.impl.DefaultNodeModel;
import de.javagl.jgltf.model.impl.DefaultSceneModel;
import de.javagl.jgltf.model.io.GltfModelWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.body.SetParts;
import zephyrdune.render.body.SetParts.SetPart;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Stops;

/**
 * A set as a binary glTF 2.0 file (Khronos Group; ISO/IEC 12113:2022), for any program that shows such: table top, backdrop, dishes, cards and the
 * light's face in triangles, the camera, and the light as a KHR_lights_punctual spot in the middle of its face. A spot has no size: its shadows are
 * harder than the set's. Of a flash its intensity is that of a lamp that gives as much while the shutter is open.
 */
public final class GltfFile {

    private static final String LIGHTS = "KHR_lights_punctual";

    /** The set has z up, glTF has y up. */
    private static final float[] Y_UP = {-(float) Math.sqrt(0.5), 0, 0, (float) Math.sqrt(0.5)};

    private static final float NEAR = 0.01F;

    private GltfFile() {}

    public static byte[] write(TableSet set) {
        DefaultNodeModel root = new DefaultNodeModel();
        root.setName(set.title());
        root.setRotation(Y_UP);
        GltfMaterials materials = new GltfMaterials();
        for (SetPart part : SetParts.of(set)) {
            root.addChild(body(part, materials));
        }
        DefaultNodeModel light = light(set);
        root.addChild(light);
        root.addChild(camera(set));
        DefaultSceneModel scene = new DefaultSceneModel();
        scene.setName(set.title());
        scene.addNode(root);
        GltfModelBuilder builder = GltfModelBuilder.create();
        builder.addSceneModel(scene);
        DefaultGltfModel model = builder.build();
        model.getAssetModel().setGenerator("Zephyrdune");
        model.getExtensionsModel().addExtensionUsed(LIGHTS);
        model.getExtensionsModel().addExtensionsUsed(materials.extensions());
        model.addExtension(LIGHTS, Map.of("lights", List.of(spot(set))));
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try {
            new GltfModelWriter().writeBinary(model, file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return file.toByteArray();
    }

    private static DefaultNodeModel body(SetPart part, GltfMaterials materials) {
        DefaultMeshModel mesh = new DefaultMeshModel();
        mesh.setName(part.name());
        materials.primitives(part).forEach(mesh::addMeshPrimitiveModel);
        DefaultNodeModel node = new DefaultNodeModel();
        node.setName(part.name());
        node.addMeshModel(mesh);
        return node;
    }

    private static DefaultNodeModel light(TableSet set) {
        EmittingFace face = EmittingFace.of(set);
        DefaultNodeModel node = new DefaultNodeModel();
        node.setName("Light, as a spot");
        node.setMatrix(placed(face.acrossHalf(), face.upHalf(), face.front().negate(), face.centre()));
        node.addExtension(LIGHTS, Map.of("light", 0));
        return node;
    }

    private static Map<String, Object> spot(TableSet set) {
        double full = EmittingFace.of(set).axialIntensity();
        double now = full * Stops.ratio(-MeteredExposure.below(set, KeyLight.of(set)));
        double candela = set.light().source().flash() ? now / set.exposure().exactShutter() : now;
        return Map.of(
                "name",
                "Light",
                "type",
                "spot",
                "intensity",
                candela,
                "spot",
                Map.of("innerConeAngle", 0.0, "outerConeAngle", Math.PI / 2));
    }

    private static DefaultNodeModel camera(TableSet set) {
        Perspective lens = Perspective.of(set);
        double high = lens.upHalf().norm();
        DefaultCameraPerspectiveModel perspective = new DefaultCameraPerspectiveModel();
        perspective.setYfov((float) (2 * Math.atan(high)));
        perspective.setAspectRatio((float) (lens.rightHalf().norm() / high));
        perspective.setZnear(NEAR);
        DefaultCameraModel camera = new DefaultCameraModel();
        camera.setName("Camera");
        camera.setCameraPerspectiveModel(perspective);
        DefaultNodeModel node = new DefaultNodeModel();
        node.setName("Camera");
        node.setMatrix(placed(lens.rightHalf(), lens.upHalf(), lens.forward().negate(), lens.eye()));
        node.setCameraModel(camera);
        return node;
    }

    /** Column by column: where right, up, and what is behind go, and where it stands. Cameras and spots look along -z. */
    private static float[] placed(Vector3D right, Vector3D up, Vector3D back, Vector3D at) {
        Vector3D x = right.normalize();
        Vector3D y = up.normalize();
        return new float[] {
            (float) x.getX(), (float) x.getY(), (float) x.getZ(), 0,
            (float) y.getX(), (float) y.getY(), (float) y.getZ(), 0,
            (float) back.getX(), (float) back.getY(), (float) back.getZ(), 0,
            (float) at.getX(), (float) at.getY(), (float) at.getZ(), 1
        };
    }
}
