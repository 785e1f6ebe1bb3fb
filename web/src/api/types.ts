import type { components } from "./generated/api";

type Schemas = components["schemas"];

export type TableSet = Schemas["TableSet"];
export type Light = Schemas["Light"];
export type Face = Schemas["Face"];
export type Spread = Schemas["Spread"];
export type Source = Schemas["Source"];
export type FlashOutput = Schemas["FlashOutput"];
export type LedOutput = Schemas["LedOutput"];
export type PowerDial = Schemas["PowerDial"];
export type Dish = Schemas["Dish"];
export type StoredSet = Schemas["StoredSet"];
export type SetSummary = Schemas["Summary"];
export type Reading = Schemas["ReadingAnswer"];
export type ReadingsAnswer = Schemas["ReadingsAnswer"];
export type Doubt = Schemas["DoubtAnswer"];
export type Move = Schemas["MoveAnswer"];
export type Lever = ReadingKind["levers"][number];
export type Marks = Schemas["MarksAnswer"];
export type Lamp = Schemas["LampAnswer"];
export type ReadingKind = Schemas["KindAnswer"];
export type Plan = Schemas["PlanAnswer"];
export type Point = Schemas["Point"];
export type Problem = Schemas["ProblemShape"];
