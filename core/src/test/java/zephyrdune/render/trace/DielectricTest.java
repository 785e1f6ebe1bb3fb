package zephyrdune.render.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.render.material.Material;
import zephyrdune.set.surface.Medium;

public class DielectricTest {

    private static final double FINE = 1e-12;

    /** Level glass, and the same with a drop on it that leans the normal. */
    @DataProvider
    Object[][] normals() {
        return new Object[][] {
            {Vector3D.of(0, 0, 1)}, {Vector3D.of(0.3, -0.2, 0.9).normalize()}
        };
    }

    /** Snell's law and the law of reflection (general optics), about the normal that the boundary has there, drop or none. */
    @Test(dataProvider = "normals")
    public void bendsAboutTheNormalThatItHas(Vector3D normal) {
        Vector3D way = Vector3D.of(0.5, 0.1, -0.8).normalize();
        PathVertex at = new PathVertex();
        at.ray.set(0, 0, 1, way.getX(), way.getY(), way.getZ());
        at.hit.nz = 1;
        at.hit.distance = 1;
        at.hit.material = Material.wetBoundary(Medium.CLEAR_GLASS);
        at.arrives(way.getZ());
        at.nx = normal.getX();
        at.ny = normal.getY();
        at.nz = normal.getZ();
        Dielectric boundary = new Dielectric();
        boundary.at(at, way.getZ());
        PathVertex next = new PathVertex();
        boundary.reflect(at, next);
        Vector3D back = Vector3D.of(next.ray.dx, next.ray.dy, next.ray.dz);
        assertThat(back.norm()).isCloseTo(1, within(FINE));
        assertThat(back.dot(normal)).isCloseTo(-way.dot(normal), within(FINE));
        assertThat(back.cross(normal).subtract(way.cross(normal)).norm()).isCloseTo(0, within(FINE));
        boundary.refract(at, next);
        Vector3D on = Vector3D.of(next.ray.dx, next.ray.dy, next.ray.dz);
        assertThat(on.norm()).isCloseTo(1, within(FINE));
        assertThat(on.cross(normal).multiply(1.52).subtract(way.cross(normal)).norm())
                .isCloseTo(0, within(FINE));
        assertThat(next.medium).isEqualTo(Medium.CLEAR_GLASS);
    }
}
