import type { Prop } from "../api/types";
import { spoken } from "../fields/Choice";
import { DISHES } from "../fields/dishes";
import { KindChoice } from "../fields/KindChoice";
import { PROP } from "../fields/kinds";
import { PartFields } from "../fields/PartFields";
import { PartList } from "../fields/PartList";

export function DishPanel() {
  return (
    <>
      <KindChoice path="dish" label="Kind" kinds={DISHES} />
      <PartFields path="dish" />
    </>
  );
}

export function PropsPanel() {
  return (
    <PartList
      path="props"
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
