import type { components } from "./generated/api";

type Schemas = components["schemas"];

export type TableSet = Schemas["TableSet"];
export type Softbox = Schemas["Softbox"];
export type Dish = Schemas["Dish"];
export type StoredSet = Schemas["StoredSet"];
export type SetSummary = Schemas["Summary"];
export type Reading = Schemas["ReadingAnswer"];
export type ReadingKind = Schemas["KindAnswer"];
export type Plan = Schemas["PlanAnswer"];
export type Point = Schemas["Point"];
export type Problem = Schemas["ProblemShape"];
