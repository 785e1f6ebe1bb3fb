import type { ReactNode } from "react";
import shootSchema from "../../../docs/formats/zephyrdune-shoot-2.schema.json";
import { OwnerProvider } from "../set/owner";
import { pathOf } from "../set/paths";
import { change, useShoot } from "./shoot";

/** Fields within show and change the shoot. */
export function ShootOwner({ children }: { children: ReactNode }) {
  const shoot = useShoot(({ shoot }) => shoot);
  const refused = useShoot(({ problem }) => (problem ? pathOf(problem.field) : null));
  return (
    <OwnerProvider value={{ value: shoot, schema: shootSchema, refused, change }}>
      {children}
    </OwnerProvider>
  );
}
