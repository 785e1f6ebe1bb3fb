package zephyrdune.formats;

/** Set files for tests; the numbers are invented. */
final class SetFiles {

    static final String PLAIN = """
            {
              "format": "zephyrdune-set",
              "version": 12,
              "title": "Plain",
              "camera": {
                "elevationDegrees": 45,
                "focalLengthMetres": 0.085,
                "sensorWidthMetres": 0.036,
                "sensorHeightMetres": 0.024,
                "framedWidthMetres": 0.5,
                "shiftRightMetres": 0,
                "shiftUpMetres": 0,
                "textSpace": {
                  "side": "none",
                  "share": 0.3
                }
              },
              "dish": {
                "kind": "bowl",
                "diameterMetres": 0.2,
                "rimHeightMetres": 0.07,
                "surface": "dark-stoneware",
                "fill": 0.7,
                "contents": "smoked-chowder"
              },
              "props": [],
              "light": {
                "source": {
                  "kind": "battery-flash",
                  "output": {
                    "kind": "guide-number",
                    "guideNumberMetres": 36,
                    "statedAtMetres": 0.035
                  },
                  "zoomMetres": 0.035,
                  "colourTemperatureKelvin": 5500,
                  "dial": {
                    "kind": "fractions",
                    "rangeStops": 7,
                    "step": "third"
                  },
                  "recycleSeconds": 0,
                  "burst": 0
                },
                "gel": { "shiftMired": 0, "red": 1, "green": 1, "blue": 1 },
                "losses": [
                  {
                    "where": "other",
                    "amountStops": 2,
                    "origin": "entered"
                  }
                ],
                "face": {
                  "kind": "rectangle",
                  "widthMetres": 0.6,
                  "heightMetres": 0.6
                },
                "filling": {
                  "kind": "evenly-lit"
                },
                "spread": {
                  "kind": "diffuse"
                },
                "powerChoice": "follows",
                "powerStops": 0,
                "clockHours": 10.5,
                "heightAngleDegrees": 40,
                "distanceMetres": 0.9,
                "aim": {
                  "xMetres": 0,
                  "yMetres": 0,
                  "zMetres": 0
                },
                "doors": {
                  "kind": "no-doors"
                }
              },
              "base": {
                "kind": "no-base"
              },
              "cards": [],
              "tableTop": {
                "surface": "pale-wood",
                "leftMetres": 20,
                "rightMetres": 20,
                "behindMetres": 20,
                "beforeMetres": 20
              },
              "backdrop": {
                "distanceMetres": 1.2,
                "widthMetres": 2,
                "heightMetres": 1.5,
                "surface": "grey-paper"
              },
              "room": {
                "kind": "open-room"
              },
              "exposure": {
                "apertureFNumber": 5.6,
                "shutterSeconds": 0.008,
                "speedIso": 400,
                "syncLimitSeconds": 0.005,
                "biasStops": 0,
                "whiteBalanceKelvin": 5500,
                "metering": {
                  "mode": "incident",
                  "point": {
                    "kind": "hero-top"
                  }
                }
              },
              "ambient": {
                "illuminanceLux": 150,
                "colourTemperatureKelvin": 3000,
                "buriedAtStops": 5,
                "purpose": "bury",
                "hourlyStops": 0,
                "afterHours": 0,
                "window": {
                  "kind": "no-window"
                }
              },
              "look": {
                "kind": "no-look"
              }
            }
            """;

    /** The same as version 11 wrote it. */
    static final String ELEVENTH_VERSION = PLAIN.replace("\"version\": 12", "\"version\": 11");

    /** The same as version 10 wrote it. */
    static final String TENTH_VERSION = ELEVENTH_VERSION
            .replace("\"version\": 11", "\"version\": 10")
            .replaceFirst(",\\s*\"look\": \\{[^}]*\\}", "");

    /** The same as version 9 wrote it. */
    static final String NINTH_VERSION = TENTH_VERSION.replace("\"version\": 10", "\"version\": 9");

    /** The same as version 8 wrote it. */
    static final String EIGHTH_VERSION = NINTH_VERSION.replace("\"version\": 9", "\"version\": 8");

    /** The same as version 7 wrote it. */
    static final String SEVENTH_VERSION = EIGHTH_VERSION
            .replace("\"version\": 8", "\"version\": 7")
            .replaceFirst("\"gel\": \\{ \"shiftMired\": 0[^}]*\\}", "\"gelMired\": 0");

    /** The same as version 6 wrote it. */
    static final String SIXTH_VERSION = SEVENTH_VERSION
            .replace("\"version\": 7", "\"version\": 6")
            .replaceFirst("(?s),\\s*\"metering\": .*?\\}\\s*\\}", "");

    /** The same as version 5 wrote it. */
    static final String FIFTH_VERSION =
            SIXTH_VERSION.replace("\"version\": 6", "\"version\": 5").replaceFirst(",\\s*\"doors\": \\{[^}]*\\}", "");

    /** The same as version 4 wrote it. */
    static final String FOURTH_VERSION = FIFTH_VERSION
            .replace("\"version\": 5", "\"version\": 4")
            .replaceFirst("(?s)\"losses\": \\[.*?\\]", "\"lossStops\": 2")
            .replaceFirst(",\\s*\"recycleSeconds\": 0,\\s*\"burst\": 0", "")
            .replaceFirst("(?s),\\s*\"leftMetres\".*?(?=\\})", "")
            .replaceFirst("(?s),\\s*\"purpose\".*?\\}", "");

    /** The same as version 3 wrote it. */
    static final String THIRD_VERSION = FOURTH_VERSION
            .replace("\"version\": 4", "\"version\": 3")
            .replaceFirst("\"filling\": \\{[^}]*\\}", "\"hotSpotStops\": 0");

    /** The same as version 2 wrote it. */
    static final String SECOND_VERSION = THIRD_VERSION
            .replace("\"version\": 3", "\"version\": 2")
            .replace("\"elevationDegrees\": 45", "\"angle\": \"forty-five\"")
            .replaceFirst("(?s),\\s*\"shiftRightMetres\".*?\\}", "")
            .replaceFirst("\"props\": \\[\\],", "")
            .replaceFirst("\"base\": \\{[^}]*\\},", "")
            .replaceFirst("\"cards\": \\[\\],", "")
            .replaceFirst("\"room\": \\{[^}]*\\},", "");

    /** As version 1 wrote it. */
    static final String FIRST_VERSION = SECOND_VERSION
            .replace("\"version\": 2", "\"version\": 1")
            .replaceFirst("(?s)\"source\": .*?(?=\"clockHours\")", "\"widthMetres\": 0.6, \"heightMetres\": 0.6, ")
            .replaceFirst("(?s)\"exposure\": .*", "\"exposure\": { \"biasStops\": 0, \"ambientUnderKeyStops\": 4 } }");

    private SetFiles() {}
}
