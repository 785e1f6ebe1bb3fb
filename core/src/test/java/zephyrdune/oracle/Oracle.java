package zephyrdune.oracle;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Slit;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Dish;
import zephyrdune.set.dish.Drum;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Rectangle;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.set.surface.Surface;

/**
 * Light on a table by brute force, written from physics alone: light leaves every place of the face and every matte surface evenly, goes
 * straight, and is lost where it is not sent back. No formula is shared with what it checks; it knows the sets' numbers and what they mean.
 *
 * <p>For rectangular softboxes, blocks and drums of paper, rooms and cards.
 */
final class Oracle {

    private static final double SKIN = 1e-7;
    private static final double[] BLACK = {0, 0, 0};

    private final List<Shape> hero = new ArrayList<>();
    private final List<Shape> rest = new ArrayList<>();
    private final Shape.Flat face;
    private final Random random;

    /** What a place gets for a face of luminance 1: straight, and of red, green and blue by way of surfaces; and for a sky of luminance 1. */
    record Got(double straight, double[] sent, double[] sky) {

        /** All of the face's light, by the luminance weights of linear sRGB (IEC 61966-2-1). */
        double all() {
            return straight + luminance(sent);
        }

        static double luminance(double[] colour) {
            return 0.2126 * colour[0] + 0.7152 * colour[1] + 0.0722 * colour[2];
        }
    }

    Oracle(TableSet set, long seed) {
        random = new Random(seed);
        Light light = set.light();
        double[] towards = towards(light.clock(), light.heightAngle());
        double[] across = Vec.unit(Vec.cross(new double[] {0, 0, 1}, towards));
        double[] up = Vec.cross(towards, across);
        Rectangle panel = (Rectangle) light.face();
        // it faces the hero point: across x up points there
        face = new Shape.Flat(
                Vec.times(towards, light.distance()),
                Vec.times(across, -panel.width() / 2),
                Vec.times(up, panel.height() / 2),
                0,
                BLACK,
                true);
        rest.add(face);
        level(
                -set.tableTop().left(),
                set.tableTop().right(),
                -set.tableTop().before(),
                set.tableTop().behind(),
                0,
                set.tableTop().surface());
        rest.add(new Shape.Flat(
                new double[] {0, set.backdrop().distance(), set.backdrop().height() / 2},
                new double[] {set.backdrop().width() / 2, 0, 0},
                new double[] {0, 0, set.backdrop().height() / 2},
                0,
                sends(set.backdrop().surface()),
                false));
        if (set.room() instanceof WalledRoom room) {
            walls(room);
        }
        set.cards().forEach(this::card);
        body(set.dish());
    }

    private static double[] towards(double clock, double height) {
        return new double[] {Math.sin(clock) * Math.cos(height), Math.cos(clock) * Math.cos(height), Math.sin(height)};
    }

    private static double[] sends(Surface surface) {
        return new double[] {
            surface.colour().red(), surface.colour().green(), surface.colour().blue()
        };
    }

    private void level(double left, double right, double before, double behind, double z, Surface surface) {
        rest.add(new Shape.Flat(
                new double[] {(left + right) / 2, (before + behind) / 2, z},
                new double[] {(right - left) / 2, 0, 0},
                new double[] {0, (behind - before) / 2, 0},
                0,
                sends(surface),
                false));
    }

    private void walls(WalledRoom room) {
        double middle = (room.above() - room.below()) / 2;
        double high = (room.above() + room.below()) / 2;
        double x = (room.right() - room.left()) / 2;
        double y = (room.behind() - room.before()) / 2;
        double wide = (room.right() + room.left()) / 2;
        double deep = (room.behind() + room.before()) / 2;
        double[] walls = sends(room.walls());
        for (double at : new double[] {-room.left(), room.right()}) {
            rest.add(new Shape.Flat(
                    new double[] {at, y, middle},
                    new double[] {0, deep, 0},
                    new double[] {0, 0, high},
                    0,
                    walls,
                    false));
        }
        for (double at : new double[] {-room.before(), room.behind()}) {
            rest.add(new Shape.Flat(
                    new double[] {x, at, middle},
                    new double[] {wide, 0, 0},
                    new double[] {0, 0, high},
                    0,
                    walls,
                    false));
        }
        level(-room.left(), room.right(), -room.before(), room.behind(), room.above(), room.ceiling());
        level(-room.left(), room.right(), -room.before(), room.behind(), -room.below(), room.floor());
    }

    /** Upright, turned to the hero. */
    private void card(Card card) {
        double[] out = towards(card.clock(), 0);
        double gap = card.cut().holes() instanceof Slit slit ? slit.gap() : 0;
        rest.add(new Shape.Flat(
                new double[] {out[0] * card.distance(), out[1] * card.distance(), card.lift() + card.height() / 2},
                Vec.times(Vec.cross(new double[] {0, 0, 1}, out), card.width() / 2),
                new double[] {0, 0, card.height() / 2},
                gap,
                sends(card.surface()),
                false));
    }

    private void body(Dish dish) {
        if (dish instanceof Block block) {
            double[] sends = sends(block.surface());
            double x = block.width() / 2;
            double y = block.depth() / 2;
            double z = block.blockHeight() / 2;
            for (double side : new double[] {-1, 1}) {
                hero.add(new Shape.Flat(
                        new double[] {side * x, 0, z},
                        new double[] {0, y, 0},
                        new double[] {0, 0, z},
                        0,
                        sends,
                        false));
                hero.add(new Shape.Flat(
                        new double[] {0, side * y, z},
                        new double[] {x, 0, 0},
                        new double[] {0, 0, z},
                        0,
                        sends,
                        false));
            }
            hero.add(new Shape.Flat(
                    new double[] {0, 0, 2 * z}, new double[] {x, 0, 0}, new double[] {0, y, 0}, 0, sends, false));
        } else {
            Drum drum = (Drum) dish;
            hero.add(new Shape.Mantle(
                    drum.bottomDiameter() / 2, drum.topDiameter() / 2, drum.drumHeight(), sends(drum.side())));
            hero.add(new Shape.Disc(drum.drumHeight(), drum.topDiameter() / 2, sends(drum.lid())));
        }
    }

    private Shape nearest(double[] from, double[] way, boolean withHero, double[] far) {
        Shape found = null;
        for (List<Shape> shapes : withHero ? List.of(hero, rest) : List.of(rest)) {
            for (Shape shape : shapes) {
                double t = shape.meets(from, way);
                if (t > SKIN && t < far[0]) {
                    far[0] = t;
                    found = shape;
                }
            }
        }
        return found;
    }

    private boolean open(double[] from, double[] to, boolean withHero) {
        double[] far = {1 - 1e-9};
        Shape between = nearest(from, Vec.less(to, from), withHero, far);
        return between == null || between == face && far[0] > 1 - 1e-6;
    }

    /** What one random place of the face gives a place straight, times its area. */
    private double straight(double[] at, double[] normal, double x, double y, boolean withHero) {
        double[] to = Vec.plus(Vec.plus(face.middle, face.across, x), face.up, y);
        double[] way = Vec.less(to, at);
        double far = Vec.length(way);
        double there = Vec.dot(way, normal) / far;
        double leaving = -Vec.dot(way, face.normal(to)) / far;
        if (there <= 0 || leaving <= 0 || !open(at, to, withHero)) {
            return 0;
        }
        return there * leaving / (far * far) * face.area();
    }

    private double any() {
        return 2 * random.nextDouble() - 1;
    }

    /** All light on a place of a surface; with so many looks at the face squared, and so many paths. */
    Got at(double[] place, double[] normal, boolean withHero, int grid, int paths) {
        double straight = 0;
        for (int i = 0; i < grid; i++) {
            for (int k = 0; k < grid; k++) {
                double x = 2 * (i + random.nextDouble()) / grid - 1;
                double y = 2 * (k + random.nextDouble()) / grid - 1;
                straight += straight(place, normal, x, y, withHero) / (grid * grid);
            }
        }
        double[] sent = new double[3];
        double[] sky = new double[3];
        for (int path = 0; path < paths; path++) {
            follow(place, normal, withHero, Math.PI / paths, sent, sky);
        }
        return new Got(straight, sent, sky);
    }

    private void follow(double[] place, double[] normal, boolean withHero, double share, double[] sent, double[] sky) {
        double[] from = place;
        double[] square = normal;
        double[] kept = {share, share, share};
        while (true) {
            double[] way = Vec.evenly(square, random);
            double[] far = {Double.POSITIVE_INFINITY};
            Shape met = nearest(from, way, withHero, far);
            if (met == null) {
                for (int c = 0; c < 3; c++) {
                    sky[c] += kept[c];
                }
                return;
            }
            if (met == face) {
                return;
            }
            from = Vec.plus(from, way, far[0]);
            square = met.normal(from);
            square = Vec.dot(square, way) > 0 ? Vec.times(square, -1) : square;
            double arriving = straight(from, square, any(), any(), withHero) / Math.PI;
            double most = 0;
            for (int c = 0; c < 3; c++) {
                kept[c] *= met.sends[c];
                sent[c] += kept[c] * arriving;
                most = Math.max(most, kept[c]);
            }
            double goesOn = Math.min(1, 2 * most / share);
            if (random.nextDouble() >= goesOn) {
                return;
            }
            for (int c = 0; c < 3; c++) {
                kept[c] /= goesOn;
            }
        }
    }

    /** Where a level way from inside the hero comes out of it, and which way its side faces there. */
    double[][] side(double dx, double dy, double height) {
        double[] in = {-dx, -dy, 0};
        double[] from = {10 * dx, 10 * dy, height};
        double[] far = {Double.POSITIVE_INFINITY};
        Shape met = null;
        for (Shape shape : hero) {
            double t = shape.meets(from, in);
            if (t < far[0]) {
                far[0] = t;
                met = shape;
            }
        }
        double[] at = Vec.plus(from, in, far[0]);
        double[] normal = met.normal(at);
        return new double[][] {at, Vec.dot(normal, in) > 0 ? Vec.times(normal, -1) : normal};
    }

    /** How far along a way on the table, from a place in it, the face's middle is hidden by the hero. */
    double hiddenUntil(double[] from, double dx, double dy) {
        double least = 0;
        double most = 5;
        for (int i = 0; i < 60; i++) {
            double middle = (least + most) / 2;
            double[] at = {from[0] + middle * dx, from[1] + middle * dy, 1e-9};
            double[] way = Vec.less(face.middle, at);
            boolean hidden = hero.stream().anyMatch(shape -> shape.meets(at, way) < 1);
            least = hidden ? middle : least;
            most = hidden ? most : middle;
        }
        return least;
    }
}
