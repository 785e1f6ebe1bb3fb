import type {
  Base,
  Card,
  Doors,
  Face,
  Filling,
  FlashOutput,
  Gel,
  Holes,
  Inner,
  LedOutput,
  Loss,
  MeteringPoint,
  PowerDial,
  Prop,
  Room,
  Source,
  Spread,
  Window,
} from "../api/types";
import { acrossOf, alongOf } from "../set/frame";
import { DISHES } from "./dishes";

/** What each kind of a part of the light starts as when it is chosen. */

/** Faces keep the size of the one before as well as their shape lets them. */
export function faces(now: Face): Record<Face["kind"], Face> {
  const width = acrossOf(now);
  const height = alongOf(now);
  const long = Math.max(0.05, width, height);
  return {
    rectangle: { kind: "rectangle", widthMetres: width, heightMetres: height },
    strip: {
      kind: "strip",
      lengthMetres: long,
      breadthMetres: Math.min(1, long / 4),
      stance: width > height ? "level" : "upright",
    },
    disc: { kind: "disc", diameterMetres: width },
    octagon: { kind: "octagon", acrossFlatsMetres: Math.max(0.05, width) },
  };
}

export const INNERS: Record<Inner["kind"], Inner> = {
  "no-inner": { kind: "no-inner" },
  "inner-baffle": { kind: "inner-baffle", lossStops: 0.7, place: 0.65 },
};

export const FILLINGS: Record<Filling["kind"], Filling> = {
  "evenly-lit": { kind: "evenly-lit" },
  "hot-spot": { kind: "hot-spot", sideStops: 1 },
  "in-box": {
    kind: "in-box",
    depthMetres: 0.3,
    lining: 0.8,
    inner: INNERS["inner-baffle"],
    outerLossStops: 1,
    origin: "default",
  },
  "from-behind": { kind: "from-behind", gapMetres: 0.6, asideDegrees: 0, aboveDegrees: 0 },
  "off-board": {
    kind: "off-board",
    surface: "white-paper",
    gapMetres: 0.8,
    asideDegrees: 35,
    aboveDegrees: 0,
  },
  "off-room": { kind: "off-room", side: "ceiling", asideDegrees: 0, aboveDegrees: 0 },
  "book-light": {
    kind: "book-light",
    surface: "white-paper",
    gapMetres: 0.5,
    boardWidthMetres: 1,
    boardHeightMetres: 1.2,
    throwingMetres: 0.8,
    asideDegrees: 60,
  },
};

export const SPREADS: Record<Spread["kind"], Spread> = {
  diffuse: { kind: "diffuse" },
  beam: { kind: "beam", power: 4 },
  gridded: {
    kind: "gridded",
    cellWidthMetres: 0.05,
    cellDepthMetres: 0.05,
    axialLossStops: 1 / 3,
  },
  honeycomb: { kind: "honeycomb", power: 4, angleDegrees: 30, axialLossStops: 1 / 3 },
  snooted: { kind: "snooted", power: 4, widthMetres: 0.07, lengthMetres: 0.2, axialLossStops: 1 },
  capped: { kind: "capped", straight: 0.38 },
  bare: { kind: "bare" },
};

/** No gel before the source. */
export const NO_GEL: Gel = { shiftMired: 0, red: 1, green: 1, blue: 1 };

/** What swallows light on the way; a cloth to begin with. */
export const LOSS: Loss = { where: "cloth", amountStops: 1, origin: "default" };

export const FLASH_OUTPUTS: Record<FlashOutput["kind"], FlashOutput> = {
  "guide-number": { kind: "guide-number", guideNumberMetres: 36, statedAtMetres: 0.035 },
  "watt-seconds": { kind: "watt-seconds", energyWattSeconds: 200, efficacyLumensPerWatt: 40 },
  "metered-aperture": { kind: "metered-aperture", apertureFNumber: 16, fromMetres: 2 },
};

export const LED_OUTPUTS: Record<LedOutput["kind"], LedOutput> = {
  "lux-at-one-metre": { kind: "lux-at-one-metre", atOneMetreLux: 8000 },
  lumens: { kind: "lumens", fluxLumens: 8000 },
};

export const DIALS: Record<PowerDial["kind"], PowerDial> = {
  fractions: { kind: "fractions", rangeStops: 7, step: "third" },
  "stop-scale": { kind: "stop-scale", top: 10, rangeStops: 9, step: "tenth" },
  percent: { kind: "percent", lowest: 0.1, step: 0.01, dimming: "linear" },
};

const DAYLIGHT = 5600;

/** A measured lamp is not chosen but read from a file. */
export const SOURCES: Record<
  Exclude<Source["kind"], "measured-lamp" | "measured-flash">,
  Source
> = {
  "battery-flash": {
    kind: "battery-flash",
    output: FLASH_OUTPUTS["guide-number"],
    zoomMetres: 0.035,
    colourTemperatureKelvin: 5500,
    dial: DIALS.fractions,
    recycleSeconds: 0,
    burst: 0,
  },
  "mains-flash": {
    kind: "mains-flash",
    output: FLASH_OUTPUTS["watt-seconds"],
    beamAngleDegrees: 90,
    colourTemperatureKelvin: 5500,
    dial: DIALS["stop-scale"],
  },
  "led-panel": {
    kind: "led-panel",
    output: LED_OUTPUTS.lumens,
    beamAngleDegrees: 115,
    colourTemperatureKelvin: DAYLIGHT,
    dial: DIALS.percent,
  },
  "led-point": {
    kind: "led-point",
    output: LED_OUTPUTS["lux-at-one-metre"],
    beamAngleDegrees: 55,
    colourTemperatureKelvin: DAYLIGHT,
    dial: DIALS.percent,
  },
};

/** A person's own pattern is not chosen but read from a file. */
export const HOLES: Record<Exclude<Holes["kind"], "own-holes">, Holes> = {
  "no-holes": { kind: "no-holes" },
  slit: { kind: "slit", gapMetres: 0.08 },
  "round-holes": {
    kind: "round-holes",
    diameterMetres: 0.03,
    smallestMetres: 0.03,
    spacingMetres: 0.05,
    jitter: 0,
  },
  slats: { kind: "slats", gapMetres: 0.03, slatMetres: 0.03 },
  "window-bars": {
    kind: "window-bars",
    paneWidthMetres: 0.16,
    paneHeightMetres: 0.2,
    barMetres: 0.025,
  },
  "leaf-holes": {
    kind: "leaf-holes",
    lengthMetres: 0.07,
    breadthMetres: 0.03,
    spacingMetres: 0.09,
    jitter: 0.6,
  },
  branch: { kind: "branch", leafLengthMetres: 0.07, leafBreadthMetres: 0.03, spacingMetres: 0.045 },
};

export const DOORS: Record<Doors["kind"], Doors> = {
  "no-doors": { kind: "no-doors" },
  "barn-doors": {
    kind: "barn-doors",
    lengthMetres: 0.2,
    leftDegrees: 100,
    rightDegrees: 100,
    topDegrees: 100,
    bottomDegrees: 100,
  },
};

export const ROOMS: Record<Room["kind"], Room> = {
  "open-room": { kind: "open-room" },
  "walled-room": {
    kind: "walled-room",
    leftMetres: 2,
    rightMetres: 2,
    behindMetres: 2,
    beforeMetres: 2.5,
    aboveMetres: 1.7,
    belowMetres: 0.75,
    walls: "white-paper",
    ceiling: "white-paper",
    floor: "grey-paper",
  },
};

export const METERING_POINTS: Record<MeteringPoint["kind"], MeteringPoint> = {
  "hero-top": { kind: "hero-top" },
  "hero-front": { kind: "hero-front" },
  "any-place": { kind: "any-place", xMetres: 0.1, yMetres: 0 },
};

export const WINDOWS: Record<Window["kind"], Window> = {
  "no-window": { kind: "no-window" },
  "side-window": {
    kind: "side-window",
    clockHours: 9,
    distanceMetres: 1.2,
    sillMetres: 0.1,
    widthMetres: 1,
    heightMetres: 1.2,
    share: 0.7,
  },
};

export const BASES: Record<Base["kind"], Base> = {
  "no-base": { kind: "no-base" },
  "broad-base": {
    kind: "broad-base",
    underStops: 1,
    widthMetres: 0.9,
    heightMetres: 0.9,
    clockHours: 9,
    heightAngleDegrees: 50,
    distanceMetres: 1,
  },
};

/** A whole white card, standing. */
export const CARD: Card = {
  surface: "white-paper",
  widthMetres: 0.3,
  heightMetres: 0.3,
  clockHours: 4,
  distanceMetres: 0.34,
  liftMetres: 0,
  turnDegrees: 0,
  leanDegrees: 0,
  bendDegrees: 0,
  cut: { holes: HOLES["no-holes"], turnDegrees: 0, rightMetres: 0, upMetres: 0 },
};

export const PROP: Prop = {
  body: DISHES.biscuit,
  xMetres: 0.15,
  yMetres: 0,
  liftMetres: 0,
  turnDegrees: 0,
};
