package zephyrdune.render.body;

import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.material.Material;
import zephyrdune.set.dish.Bottle;
import zephyrdune.set.dish.Condensation;
import zephyrdune.set.dish.DrinkGlass;
import zephyrdune.set.dish.DropperBottle;
import zephyrdune.set.dish.Jar;
import zephyrdune.set.dish.Tin;
import zephyrdune.set.dish.TinLid;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Surface;

/** Glasses, bottles, jars and tins. */
final class Glassware {

    /** Between a glass wall and what is opaque before or behind it, metres. */
    private static final double AIR_GAP = 0.0003;

    private static final int SHOULDER_PIECES = 7;

    /** Height of a bottle's shoulder, as a share of the bottle's. */
    private static final double SHOULDER_HIGH = 0.18;

    private static final int FISH = 5;

    private Glassware() {}

    /** With ice in it, it is beaded with water as far up as the drink comes. */
    static Body drinkGlass(DrinkGlass glass) {
        double top = glass.diameter() / 2;
        double foot = DrinkGlass.FOOT * top;
        double high = glass.glassHeight();
        double wall = Math.min(0.0022, 0.08 * top);
        double floor = Math.min(0.012, 0.12 * high);
        double level = Math.max(floor + 0.002, glass.fill() * high);
        double[][] outside = {{foot, 0}, {foot + (top - foot) * level / high, level}, {top, high}};
        double[][] inside = {{top - wall, high}, {foot + (top - foot) * floor / high - wall, floor}};
        Body.Maker maker = new Body.Maker();
        Material below = glass.ice() > 0 ? Material.wetBoundary(glass.glass()) : Material.boundary(null, glass.glass());
        vessel(maker, glass.glass(), below, glass.drink(), level, outside, inside);
        ice(maker, glass, radiusAt(inside, floor), floor, level);
        return maker.body();
    }

    /** Cubes of ice one above the other, from the top of the drink down, clear of each other and of the wall. */
    private static void ice(Body.Maker maker, DrinkGlass glass, double radius, double floor, double level) {
        double half = 0.46 * radius;
        double step = 2.5 * half;
        int cubes = (int) Math.floor(glass.ice() * (level - floor - 0.002) / step);
        Material ice = Material.boundary(glass.drink(), Medium.ICE);
        for (int i = 0; i < cubes; i++) {
            double turn = 3 * Body.noise(i, 1);
            double tilt = 0.35 * (Body.noise(i, 2) - 0.5);
            double shift = 0.14 * radius;
            Vector3D x = Vector3D.of(Math.cos(turn) * Math.cos(tilt), Math.sin(turn) * Math.cos(tilt), Math.sin(tilt));
            Vector3D y = Vector3D.of(-Math.sin(turn), Math.cos(turn), 0);
            maker.addClear(new Transformed(
                    new Box(0, 0, 0, 1, 1, 1, ice),
                    x.multiply(half),
                    y.multiply(half),
                    x.cross(y).multiply(half),
                    Vector3D.of(
                            shift * (2 * Body.noise(i, 3) - 1),
                            shift * (2 * Body.noise(i, 4) - 1),
                            level - 0.002 - (i + 0.5) * step)));
        }
    }

    static Body bottle(Bottle bottle) {
        double radius = bottle.diameter() / 2;
        double neck = Bottle.NECK * radius;
        double high = bottle.bottleHeight();
        double shoulder = Bottle.SHOULDER * high;
        double stopper = 0.05 * high;
        double mouth = high - stopper;
        double wall = Math.min(0.003, 0.08 * radius);
        double level = Math.min(bottle.fill() * high, mouth - 0.002);
        boolean beaded = bottle.condensation() == Condensation.DROPS && bottle.fill() > 0;
        DoubleStream pieces = IntStream.rangeClosed(0, SHOULDER_PIECES)
                .mapToDouble(i -> shoulder + i * SHOULDER_HIGH * high / SHOULDER_PIECES);
        DoubleStream edges =
                DoubleStream.concat(DoubleStream.of(0, mouth), beaded ? DoubleStream.of(level) : DoubleStream.empty());
        double[][] outside = DoubleStream.concat(pieces, edges)
                .sorted()
                .distinct()
                .mapToObj(z -> new double[] {shoulderRadius(radius, neck, (z - shoulder) / (SHOULDER_HIGH * high)), z})
                .toArray(double[][]::new);
        double[][] inside = new double[outside.length][];
        for (int i = 0; i < outside.length; i++) {
            double[] point = outside[outside.length - 1 - i];
            inside[i] = new double[] {point[0] - wall, Math.max(point[1], 2 * wall)};
        }
        Body.Maker maker = new Body.Maker();
        Material below = beaded ? Material.wetBoundary(bottle.glass()) : Material.boundary(null, bottle.glass());
        vessel(maker, bottle.glass(), below, bottle.contents(), level, outside, inside);
        Material cork = Material.of(Surface.PALE_WOOD);
        maker.add(new Meridian(neck, mouth + AIR_GAP)
                .to(neck, high, cork)
                .to(0, high, cork)
                .turned());
        if (bottle.labelHeight() > 0) {
            maker.add(label(radius, bottle.labelFrom(), bottle.labelTo(), bottle.label()));
        }
        return maker.body();
    }

    /** Of a bottle, by how far up its shoulder that is, as a share of the shoulder's height. */
    private static double shoulderRadius(double radius, double neck, double share) {
        return neck + (radius - neck) * (1 + Math.cos(Math.PI * Math.max(0, Math.min(1, share)))) / 2;
    }

    /** Paper on the front of a round bottle. */
    private static Solid label(double radius, double from, double to, Surface paper) {
        return new Meridian(radius + AIR_GAP, from)
                .to(radius + AIR_GAP, to, Material.of(paper))
                .facing(Math.toRadians(75))
                .turned();
    }

    static Body dropperBottle(DropperBottle bottle) {
        double radius = bottle.diameter() / 2;
        double neck = DropperBottle.NECK * radius;
        double cap = DropperBottle.CAP * radius;
        double bulb = DropperBottle.BULB * radius;
        double high = bottle.bottleHeight();
        double shoulder = DropperBottle.SHOULDER * high;
        double mouth = DropperBottle.MOUTH * high;
        double collar = DropperBottle.COLLAR * high;
        double wall = Math.min(0.0025, 0.1 * radius);
        double bend = shoulder + 0.35 * (mouth - shoulder);
        double[][] outside = {
            {radius, 0}, {radius, shoulder}, {0.93 * radius, (shoulder + bend) / 2}, {neck, bend}, {neck, mouth}
        };
        double[][] inside = {
            {neck - wall, mouth},
            {neck - wall, bend},
            {0.93 * radius - wall, (shoulder + bend) / 2},
            {radius - wall, shoulder},
            {radius - wall, 2 * wall}
        };
        Body.Maker maker = new Body.Maker();
        vessel(maker, bottle.glass(), bottle.contents(), bottle.fill() * mouth, outside, inside);
        Material hard = Material.of(bottle.cap());
        Meridian top = new Meridian(cap, mouth - 0.35 * (mouth - bend))
                .to(cap, collar, hard)
                .to(bulb, collar, hard)
                .to(0.9 * bulb, collar + 0.35 * (high - collar), hard)
                .curveTo(bulb, collar + 0.6 * (high - collar), hard);
        for (int i = 1; i <= SHOULDER_PIECES; i++) {
            double turn = Math.PI / 2 * i / SHOULDER_PIECES;
            top.curveTo(bulb * Math.cos(turn), collar + (high - collar) * (0.6 + 0.4 * Math.sin(turn)), hard);
        }
        maker.add(top.turned());
        if (bottle.labelHeight() > 0) {
            double half = bottle.labelHeight() * shoulder / 2;
            maker.add(label(radius, shoulder / 2 - half, shoulder / 2 + half, bottle.label()));
        }
        return maker.body();
    }

    static Body jar(Jar jar) {
        double radius = jar.diameter() / 2;
        double mouth = 0.86 * radius;
        double shoulder = Jar.SHOULDER * jar.jarHeight();
        double rim = 0.86 * jar.jarHeight();
        double wall = Math.min(0.003, 0.08 * radius);
        double[][] outside = {{radius, 0}, {radius, shoulder}, {0.97 * radius, 0.82 * jar.jarHeight()}, {mouth, rim}};
        double[][] inside = {
            {mouth - wall, rim},
            {0.97 * radius - wall, 0.82 * jar.jarHeight()},
            {radius - wall, shoulder},
            {radius - wall, 2 * wall}
        };
        Body.Maker maker = new Body.Maker();
        vessel(maker, jar.glass(), null, 0, outside, inside);
        double level = Math.min(jar.fill() * jar.jarHeight(), shoulder);
        double within = radius - wall - AIR_GAP;
        Material contents = Material.of(jar.contents());
        maker.add(new Meridian(within, 2 * wall + AIR_GAP)
                .to(within, level, contents)
                .to(0, level, contents)
                .turned());
        Material lid = Material.of(jar.lid());
        double lidRadius = Jar.LID * radius;
        maker.add(new Meridian(lidRadius, rim - 0.08 * jar.jarHeight())
                .to(lidRadius, 0.985 * jar.jarHeight(), lid)
                .curveTo(0.97 * lidRadius, jar.jarHeight(), lid)
                .to(0, jar.jarHeight(), lid)
                .turned());
        return maker.body();
    }

    /** A dry one. */
    private static void vessel(
            Body.Maker maker, Medium glass, Medium contents, double level, double[][] outside, double[][] inside) {
        vessel(maker, glass, Material.boundary(null, glass), contents, level, outside, inside);
    }

    /**
     * A glass vessel, open at the top, and what is in it.
     *
     * @param below its outside up to the level of the contents
     * @param contents or null for none
     * @param outside from the foot up, (radius, height)
     * @param inside from the mouth down to the floor
     */
    private static void vessel(
            Body.Maker maker,
            Medium glass,
            Material below,
            Medium contents,
            double level,
            double[][] outside,
            double[][] inside) {
        Material outer = Material.boundary(null, glass);
        Material wet = Material.boundary(contents, glass);
        Meridian outline = new Meridian(0, 0).to(outside[0][0], 0, outer);
        for (int i = 1; i < outside.length; i++) {
            piece(outline, outside[i][0], outside[i][1], outside[i][1] <= level ? below : outer, i == 1);
        }
        outline.to(inside[0][0], inside[0][1], outer);
        double[] from = inside[0];
        boolean atRim = true;
        for (int i = 1; i < inside.length; i++) {
            double[] to = inside[i];
            if (from[1] > level && to[1] < level) {
                piece(outline, radiusAt(inside, level), level, outer, atRim);
                atRim = false;
            }
            piece(outline, to[0], to[1], to[1] < level ? wet : outer, atRim);
            atRim = false;
            from = to;
        }
        boolean filled = contents != null && level > from[1];
        outline.to(0, from[1], filled ? wet : outer);
        maker.addClear(outline.turned());
        if (filled) {
            maker.addClear(new Meridian(radiusAt(inside, level), level)
                    .to(0, level, Material.boundary(null, contents))
                    .turned());
        }
    }

    private static void piece(Meridian outline, double radius, double height, Material material, boolean sharp) {
        if (sharp) {
            outline.to(radius, height, material);
        } else {
            outline.curveTo(radius, height, material);
        }
    }

    /** Inner radius at a height. */
    private static double radiusAt(double[][] inside, double height) {
        for (int i = 1; i < inside.length; i++) {
            if (inside[i][1] <= height && inside[i - 1][1] >= height) {
                double span = inside[i - 1][1] - inside[i][1];
                double share = span == 0 ? 0 : (height - inside[i][1]) / span;
                return inside[i][0] + share * (inside[i - 1][0] - inside[i][0]);
            }
        }
        return inside[inside.length - 1][0];
    }

    static Body tin(Tin tin) {
        double radius = tin.length() / 2;
        double high = tin.tinHeight();
        double rim = Math.min(0.002, high / 5);
        Material metal = Material.of(tin.metal());
        boolean open = tin.lid() == TinLid.OFF;
        double floor = open ? 0.55 * high : high - 0.7 * rim;
        Meridian outline = new Meridian(radius - rim, 0)
                .to(radius - rim, high - 2 * rim, metal)
                .curveTo(radius, high - rim, metal)
                .curveTo(radius - rim / 2, high, metal)
                .curveTo(radius - rim, high - rim / 2, metal)
                .to(radius - rim, floor, metal);
        if (open) {
            outline.to(0, floor, Material.of(tin.contents()));
        } else {
            outline.to(0.8 * radius, floor, metal)
                    .to(0.79 * radius, floor + 0.3 * rim, metal)
                    .to(0.74 * radius, floor + 0.3 * rim, metal)
                    .to(0.73 * radius, floor, metal)
                    .to(0, floor, metal);
        }
        double narrower = tin.breadth() / tin.length();
        Body.Maker maker = new Body.Maker().add(Body.posed(outline.turned(), Vector3D.ZERO, 1, narrower, 1, 0));
        for (int i = 0; open && i < FISH; i++) {
            double across = (i - (FISH - 1) / 2.0) / FISH * 2;
            double half = tin.breadth() / 2;
            double y = 0.84 * across * half;
            double along = 0.86 * radius * Math.sqrt(1 - Math.pow(y / half, 2));
            maker.addRound(
                    Vector3D.of(0, y, floor),
                    along,
                    0.165 * half,
                    Math.min(0.35 * high, 0.16 * half),
                    0.02 * (Body.noise(i, 1) - 0.5),
                    Material.of(tin.contents()));
        }
        return maker.body();
    }
}
