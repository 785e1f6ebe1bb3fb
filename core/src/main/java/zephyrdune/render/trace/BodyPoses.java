package zephyrdune.render.trace;

import zephyrdune.set.TableSet;
import zephyrdune.set.dish.Prop;

/** Where the bodies of a scene stand and how they are turned, for their textures. Whatever is no prop stands straight at the hero point. */
final class BodyPoses {

    /** X, y, lift, cosine and sine of each owner in turn. */
    private final double[] poses;

    BodyPoses(TableSet set, int owners) {
        poses = new double[5 * owners];
        for (int owner = 0; owner < owners; owner++) {
            poses[5 * owner + 3] = 1;
        }
        for (int i = 0; i < set.props().size(); i++) {
            Prop prop = set.props().get(i);
            int owner = Scene.HERO + 1 + i;
            poses[5 * owner] = prop.x();
            poses[5 * owner + 1] = prop.y();
            poses[5 * owner + 2] = prop.lift();
            poses[5 * owner + 3] = Math.cos(prop.turn());
            poses[5 * owner + 4] = Math.sin(prop.turn());
        }
    }

    /** A place in the frame of the body that owns it, into {@code place}. */
    void own(int owner, double x, double y, double z, double[] place) {
        double px = x - poses[5 * owner];
        double py = y - poses[5 * owner + 1];
        double cosine = poses[5 * owner + 3];
        double sine = poses[5 * owner + 4];
        place[0] = cosine * px + sine * py;
        place[1] = cosine * py - sine * px;
        place[2] = z - poses[5 * owner + 2];
    }

    /** Turns a direction into the frame of the body that owns it ({@code back} false) or out of it. */
    void turn(int owner, boolean back, double[] way) {
        double cosine = poses[5 * owner + 3];
        double sine = back ? -poses[5 * owner + 4] : poses[5 * owner + 4];
        double x = cosine * way[0] + sine * way[1];
        way[1] = cosine * way[1] - sine * way[0];
        way[0] = x;
    }
}
