package zephyrdune.formats;

import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.camera.TextSpace;
import zephyrdune.set.room.TableTop;
import zephyrdune.units.measure.Stops;

/**
 * Brings sets of older versions up to date.
 *
 * <p>Version 1 knew one even rectangular softbox, no source and no camera settings, and stated the room's light in stops
 * under the key. It becomes the same softbox on a small battery flash that follows the exposure, in a room that is by the
 * added camera settings as many stops under the key: picture and readings stay as they were. What is not understood is
 * left where it is, to be refused by its name.
 *
 * <p>Version 2 knew three camera angles, and neither props, base light, cards nor walls: the camera keeps its angle, and there
 * are none of those.
 *
 * <p>Version 3 stated the bell of every face; now a face is filled evenly, as a bell or from behind.
 *
 * <p>Version 4 stated losses as one number, had a table top without end, no floor, and room light that was steady and from all
 * sides; a flash said nothing about recycling. The table then reaches from wall to wall.
 *
 * <p>Version 5 knew no barn doors, and of patterns round holes of one size alone, in the middle of a flat card.
 *
 * <p>Version 6 metered on the hero's lit top alone, what comes there.
 *
 * <p>Version 7 knew gels that correct, by their mireds alone.
 *
 * <p>Versions 8 and 9 knew fewer kinds of dishes and fewer surfaces; what they have stays as it is.
 *
 * <p>Version 10 knew no look.
 *
 * <p>Version 11 knew no water on the outside of bottles: they are dry.
 */
final class SetUpgrade {

    private static final double APERTURE = 5.6;
    private static final double SHUTTER = 1 / 125.0;
    private static final double SPEED = 400;
    private static final double SYNC_LIMIT = 1 / 200.0;
    private static final double NEUTRAL = 5500;
    private static final List<String> SIDES = List.of("leftMetres", "rightMetres", "behindMetres", "beforeMetres");
    private static final double TABLE_HEIGHT = 0.75;
    private static final double MOST_LUX = 100_000;

    private SetUpgrade() {}

    /** The same set in the newest version. */
    static JsonNode toNewest(ObjectNode tree, int version) {
        ObjectNode set = version == 1 ? fromFirst(tree) : tree;
        ObjectNode third = version <= 2 ? fromSecond(set) : set;
        ObjectNode fourth = version <= 3 ? fromThird(third) : third;
        ObjectNode fifth = version <= 4 ? fromFourth(fourth) : fourth;
        ObjectNode sixth = version <= 5 ? fromFifth(fifth) : fifth;
        ObjectNode seventh = version <= 6 ? fromSixth(sixth) : sixth;
        ObjectNode eighth = version <= 7 ? fromSeventh(seventh) : seventh;
        ObjectNode eleventh = version <= 10 ? fromTenth(eighth) : eighth;
        return version <= 11 ? fromEleventh(eleventh) : eleventh;
    }

    private static ObjectNode fromEleventh(ObjectNode eleventh) {
        ObjectNode set = eleventh.deepCopy();
        set.put(SetFormat.VERSION_FIELD, SetFormat.VERSION);
        dry(set.get("dish"));
        if (set.get("props") instanceof ArrayNode props) {
            props.forEach(prop -> dry(prop.get("body")));
        }
        return set;
    }

    private static void dry(JsonNode dish) {
        if (dish instanceof ObjectNode bottle
                && bottle.path(SetFormat.KIND_FIELD).asString("").equals("bottle")) {
            bottle.put("condensation", "none");
        }
    }

    private static ObjectNode fromTenth(ObjectNode tenth) {
        ObjectNode set = tenth.deepCopy();
        set.putObject("look").put(SetFormat.KIND_FIELD, "no-look");
        return set;
    }

    private static ObjectNode fromSeventh(ObjectNode seventh) {
        ObjectNode set = seventh.deepCopy();
        if (set.get("light") instanceof ObjectNode light && light.has("gelMired")) {
            JsonNode shift = light.remove("gelMired");
            ObjectNode gel = light.putObject("gel");
            gel.set("shiftMired", shift);
            gel.put("red", 1).put("green", 1).put("blue", 1);
        }
        return set;
    }

    private static ObjectNode fromSixth(ObjectNode sixth) {
        ObjectNode set = sixth.deepCopy();
        if (set.get("exposure") instanceof ObjectNode exposure) {
            exposure.putObject("metering")
                    .put("mode", "incident")
                    .putObject("point")
                    .put(SetFormat.KIND_FIELD, "hero-top");
        }
        return set;
    }

    private static ObjectNode fromFifth(ObjectNode fifth) {
        ObjectNode set = fifth.deepCopy();
        if (set.get("light") instanceof ObjectNode light) {
            light.putObject("doors").put(SetFormat.KIND_FIELD, "no-doors");
        }
        for (JsonNode card : set.path("cards")) {
            if (card instanceof ObjectNode flat && flat.has("holes")) {
                JsonNode holes = flat.remove("holes");
                if (holes instanceof ObjectNode round && round.has("diameterMetres")) {
                    round.set("smallestMetres", round.get("diameterMetres"));
                    round.put("jitter", 0);
                }
                flat.put("bendDegrees", 0);
                flat.putObject("cut")
                        .put("turnDegrees", 0)
                        .put("rightMetres", 0)
                        .put("upMetres", 0)
                        .set("holes", holes);
            }
        }
        return set;
    }

    private static ObjectNode fromFourth(ObjectNode fourth) {
        ObjectNode set = fourth.deepCopy();
        if (set.get("light") instanceof ObjectNode light) {
            losses(light);
        }
        JsonNode room = set.path("room");
        if (set.get("tableTop") instanceof ObjectNode table) {
            for (String side : SIDES) {
                JsonNode wall = room.path(side);
                table.put(side, wall.isNumber() ? wall.asDouble() : TableTop.FARTHEST);
            }
        }
        if (room instanceof ObjectNode walled && room.has("walls")) {
            walled.put("belowMetres", TABLE_HEIGHT).put("floor", "grey-paper");
        }
        if (set.get("ambient") instanceof ObjectNode ambient) {
            ambient.put("purpose", "bury").put("hourlyStops", 0).put("afterHours", 0);
            ambient.putObject("window").put(SetFormat.KIND_FIELD, "no-window");
        }
        return set;
    }

    private static void losses(ObjectNode light) {
        JsonNode loss = light.remove("lossStops");
        if (loss != null) {
            ArrayNode losses = light.putArray("losses");
            if (!loss.isNumber() || loss.asDouble() != 0) {
                losses.addObject()
                        .put("where", "other")
                        .put("origin", "entered")
                        .set("amountStops", loss);
            }
        }
        if (light.get("filling") instanceof ObjectNode filling && filling.has("gapMetres")) {
            filling.put("asideDegrees", 0).put("aboveDegrees", 0);
        }
        if (light.get("source") instanceof ObjectNode source
                && source.path(SetFormat.KIND_FIELD).asString("").equals("battery-flash")) {
            source.put("recycleSeconds", 0).put("burst", 0);
        }
    }

    private static ObjectNode fromThird(ObjectNode third) {
        ObjectNode set = third.deepCopy();
        if (set.get("light") instanceof ObjectNode light && light.has("hotSpotStops")) {
            JsonNode side = light.remove("hotSpotStops");
            boolean even = side.isNumber() && side.asDouble() == 0;
            ObjectNode filling = light.putObject("filling").put(SetFormat.KIND_FIELD, even ? "evenly-lit" : "hot-spot");
            if (!even) {
                filling.set("sideStops", side);
            }
        }
        return set;
    }

    private static ObjectNode fromSecond(ObjectNode second) {
        ObjectNode set = second.deepCopy();
        if (set.get("camera") instanceof ObjectNode camera) {
            camera(camera);
        }
        set.putArray("props");
        set.putObject("base").put(SetFormat.KIND_FIELD, "no-base");
        set.putArray("cards");
        set.putObject("room").put(SetFormat.KIND_FIELD, "open-room");
        return set;
    }

    private static void camera(ObjectNode camera) {
        for (CameraAngle angle : CameraAngle.values()) {
            if (camera.path("angle").asString("").equals(Field.word(angle))) {
                camera.remove("angle");
                camera.put("elevationDegrees", Math.round(Math.toDegrees(angle.elevation()) * 1e9) / 1e9);
            }
        }
        camera.put("shiftRightMetres", 0).put("shiftUpMetres", 0);
        camera.putObject("textSpace").put("side", "none").put("share", TextSpace.NONE.share());
    }

    private static ObjectNode fromFirst(ObjectNode first) {
        ObjectNode set = first.deepCopy();
        if (set.get("light") instanceof ObjectNode light) {
            light(light);
        }
        if (set.get("exposure") instanceof ObjectNode exposure) {
            JsonNode under = exposure.remove("ambientUnderKeyStops");
            exposure(exposure);
            ambient(set, exposure, under);
        }
        return set;
    }

    private static void light(ObjectNode light) {
        ObjectNode face = light.putObject("face").put(SetFormat.KIND_FIELD, "rectangle");
        move(light, face, "widthMetres");
        move(light, face, "heightMetres");
        ObjectNode source = light.putObject("source").put(SetFormat.KIND_FIELD, "battery-flash");
        source.putObject("output")
                .put(SetFormat.KIND_FIELD, "guide-number")
                .put("guideNumberMetres", 36)
                .put("statedAtMetres", 0.035);
        source.put("zoomMetres", 0.035).put("colourTemperatureKelvin", NEUTRAL);
        source.putObject("dial")
                .put(SetFormat.KIND_FIELD, "fractions")
                .put("rangeStops", 7)
                .put("step", "third");
        light.put("gelMired", 0).put("lossStops", 2).put("hotSpotStops", 0);
        light.putObject("spread").put(SetFormat.KIND_FIELD, "diffuse");
        light.put("powerChoice", "follows").put("powerStops", 0);
    }

    private static void move(ObjectNode from, ObjectNode to, String name) {
        JsonNode value = from.remove(name);
        if (value != null) {
            to.set(name, value);
        }
    }

    private static void exposure(ObjectNode exposure) {
        exposure.put("apertureFNumber", APERTURE)
                .put("shutterSeconds", SHUTTER)
                .put("speedIso", SPEED)
                .put("syncLimitSeconds", SYNC_LIMIT)
                .put("whiteBalanceKelvin", NEUTRAL);
    }

    private static void ambient(ObjectNode set, ObjectNode exposure, JsonNode under) {
        if (under == null || !under.isNumber()) {
            return;
        }
        double bias = exposure.path("biasStops").asDouble(0);
        Exposure settings = new Exposure(APERTURE, SHUTTER, SPEED, SYNC_LIMIT, 0, NEUTRAL);
        double lux = settings.correct() * Stops.ratio(bias - under.asDouble()) / settings.exactShutter();
        set.putObject("ambient")
                .put("illuminanceLux", Math.min(MOST_LUX, lux))
                .put("colourTemperatureKelvin", NEUTRAL)
                .put("buriedAtStops", 5);
    }
}
