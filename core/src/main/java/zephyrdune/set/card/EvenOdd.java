package zephyrdune.set.card;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.TopologyException;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.index.strtree.STRtree;
import zephyrdune.units.measure.Cancellation;

/** What lies within an odd number of outlines. */
public final class EvenOdd {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private EvenOdd() {}

    /**
     * By pairs, neighbours first, as it does not matter in which order: so each outline is worked on only as often as there are levels of
     * pairs.
     *
     * @param rings closed lines
     * @throws TopologyException where lines all but coincide and nothing sound can be made of them
     */
    public static Geometry area(List<Coordinate[]> rings) {
        List<Geometry> parts = new ArrayList<>();
        if (rings.size() == 1) {
            return polygon(rings.get(0));
        }
        STRtree byPlace = new STRtree();
        for (Coordinate[] ring : rings) {
            Geometry part = polygon(ring);
            if (!part.isEmpty()) {
                byPlace.insert(part.getEnvelopeInternal(), part);
            }
        }
        flatten(byPlace.itemsTree(), parts);
        while (parts.size() > 1) {
            List<Geometry> pairs = new ArrayList<>();
            for (int i = 0; i < parts.size(); i += 2) {
                Cancellation.check();
                pairs.add(i + 1 < parts.size() ? parts.get(i).symDifference(parts.get(i + 1)) : parts.get(i));
            }
            parts = pairs;
        }
        return parts.isEmpty() ? FACTORY.createPolygon() : parts.get(0);
    }

    private static void flatten(List<?> tree, List<Geometry> into) {
        for (Object part : tree) {
            if (part instanceof Geometry geometry) {
                into.add(geometry);
            } else {
                flatten((List<?>) part, into);
            }
        }
    }

    private static Geometry polygon(Coordinate[] ring) {
        return GeometryFixer.fix(FACTORY.createPolygon(ring));
    }
}
