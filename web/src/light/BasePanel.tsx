import { softSun, tryOut } from "../cards/actions";
import { Select } from "../fields/Choice";
import { KindChoice } from "../fields/KindChoice";
import { BASES } from "../fields/kinds";
import { PartFields } from "../fields/PartFields";
import { asking } from "../set/late";
import { usePreferences } from "../set/preferences";
import { useTable } from "../set/store";
import { PanelButton } from "../ui/PanelButton";

const ONE = "one light";
const TWO = "key and base";

/** A second, broad light that softens what the key leaves dark; strict people do without. */
export function BasePanel() {
  const set = useTable((table) => table.set);
  const { oneLight, setOneLight } = usePreferences();
  if (!set) return null;
  return (
    <>
      <Select
        label="Lit by"
        value={oneLight ? ONE : TWO}
        choices={[ONE, TWO]}
        testId="one-light"
        onChoose={(word) => {
          setOneLight(word === ONE);
          if (word === ONE && set.base.kind !== "no-base") {
            tryOut(asking(set), { ...set, base: BASES["no-base"] }, "The base light is gone");
          }
        }}
      />
      {oneLight ? (
        <p className="col-span-2 self-end pb-1 text-soft text-sm leading-tight">
          Cards and the room are all that fills. Base lights are hidden everywhere.
        </p>
      ) : (
        <>
          <KindChoice path="base" label="Base light" kinds={BASES} />
          <PanelButton onClick={() => void softSun()}>Soft sun</PanelButton>
          <PartFields path="base" />
        </>
      )}
    </>
  );
}
