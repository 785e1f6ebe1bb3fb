import type { Prop } from "../api/types";
import { Choice, spoken } from "../fields/Choice";
import { DISHES } from "../fields/dishes";
import { KindChoice } from "../fields/KindChoice";
import { PROP } from "../fields/kinds";
import { NumberField } from "../fields/NumberField";
import { PartFields } from "../fields/PartFields";
import { PartList } from "../fields/PartList";
import { pickProp, useWorked } from "../set/picked";
import { useLength } from "../set/preferences";

export function DishPanel() {
  return (
    <>
      <KindChoice path="dish" label="Kind" kinds={DISHES} />
      <PartFields path="dish" />
    </>
  );
}

/** What the dish stands on, and what is behind it. */
export function SurfacesPanel() {
  const length = useLength();
  return (
    <>
      <Choice path="tableTop.surface" label="Table top" />
      <Choice path="backdrop.surface" label="Backdrop" />
      <NumberField path="backdrop.distanceMetres" label="Backdrop behind" quantity={length} />
      <NumberField path="backdrop.widthMetres" label="Backdrop width" quantity={length} />
      <NumberField path="backdrop.heightMetres" label="Backdrop height" quantity={length} />
      <NumberField path="tableTop.behindMetres" label="Table behind" quantity={length} />
      <NumberField path="tableTop.leftMetres" label="Table to the left" quantity={length} />
      <NumberField path="tableTop.rightMetres" label="Table to the right" quantity={length} />
      <NumberField path="tableTop.beforeMetres" label="Table in front" quantity={length} />
    </>
  );
}

export function PropsPanel() {
  const picked = useWorked((worked) => worked.prop);
  return (
    <PartList
      path="props"
      picked={picked}
      onPick={pickProp}
      word="Prop"
      fresh={PROP}
      name={(prop: Prop) => spoken(prop.body.kind)}
      fields={(path) => (
        <>
          <KindChoice path={`${path}.body`} label="Kind" kinds={DISHES} />
          <PartFields path={path} />
          <PartFields path={`${path}.body`} />
        </>
      )}
    />
  );
}
