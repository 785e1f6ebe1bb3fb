import type { Dish } from "../api/types";

/** What a dish of each kind starts as when it is chosen. */
export const DISHES: Record<Dish["kind"], Dish> = {
  plate: {
    kind: "plate",
    diameterMetres: 0.26,
    rimHeightMetres: 0.02,
    surface: "white-ceramic",
    foodDiameterMetres: 0.12,
    foodHeightMetres: 0.05,
    food: "baked-pastry",
  },
  bowl: {
    kind: "bowl",
    diameterMetres: 0.18,
    rimHeightMetres: 0.07,
    surface: "dark-stoneware",
    fill: 0.75,
    contents: "cream",
  },
  block: {
    kind: "block",
    widthMetres: 0.11,
    depthMetres: 0.1,
    blockHeightMetres: 0.12,
    surface: "rye-crust",
  },
  drum: {
    kind: "drum",
    bottomDiameterMetres: 0.08,
    topDiameterMetres: 0.07,
    drumHeightMetres: 0.1,
    side: "cream",
    lid: "cream",
  },
};
