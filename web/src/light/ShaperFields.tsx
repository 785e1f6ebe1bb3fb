import type { Face, Filling, Loss } from "../api/types";
import { Choice, spoken } from "../fields/Choice";
import { KindChoice } from "../fields/KindChoice";
import { FILLINGS, faces, INNERS, LOSS, SPREADS } from "../fields/kinds";
import { NumberField } from "../fields/NumberField";
import { PartList } from "../fields/PartList";
import { useOwner } from "../set/owner";
import { valueAt } from "../set/paths";
import { useLength } from "../set/preferences";
import { angle, millimetres, percent, plain, stops } from "../set/units";
import { PanelButton } from "../ui/PanelButton";

/** What shapes the light: the face, how it is filled, how it gives its light, what is lost. */
export function ShaperFields({ at }: { at: string }) {
  const owner = useOwner();
  const face = owner && (valueAt(owner.value, `${at}.face`) as Face | undefined);
  const filling = owner && (valueAt(owner.value, `${at}.filling`) as Filling | undefined);
  if (!owner || !face || !filling) return null;
  return (
    <>
      {filling.kind !== "off-room" && <FaceFields at={`${at}.face`} face={face} />}
      <KindChoice path={`${at}.filling`} label="Filled" kinds={FILLINGS} />
      <FillingFields at={`${at}.filling`} filling={filling} />
      <SpreadFields at={`${at}.spread`} />
      <PartList
        path={`${at}.losses`}
        word="Loss"
        fresh={LOSS}
        name={(loss: Loss) => spoken(loss.where)}
        fields={(path) => (
          <>
            <Choice path={`${path}.where`} label="In the" />
            <NumberField path={`${path}.amountStops`} label="Swallows" quantity={stops} />
            <Origin path={`${path}.origin`} />
          </>
        )}
      />
    </>
  );
}

/** Where a number comes from. */
function Origin({ path }: { path: string }) {
  const owner = useOwner();
  const origin = owner && valueAt(owner.value, path);
  return typeof origin === "string" ? (
    <p className="self-end pb-2 text-soft text-sm">{ORIGINS[origin] ?? origin}</p>
  ) : null;
}

export const ORIGINS: Record<string, string> = {
  default: "A usual value",
  entered: "Typed in",
  calibrated: "Calibrated",
};

function FaceFields({ at, face }: { at: string; face: Face }) {
  const length = useLength();
  const owner = useOwner();
  const turn = () => {
    if (face.kind !== "rectangle") return;
    const { widthMetres, heightMetres } = face;
    owner?.change(at, { kind: "rectangle", widthMetres: heightMetres, heightMetres: widthMetres });
  };
  return (
    <>
      <KindChoice path={at} label="Shape" kinds={faces(face)} />
      {face.kind === "rectangle" && (
        <>
          <NumberField path={`${at}.widthMetres`} label="Width" quantity={length} />
          <NumberField path={`${at}.heightMetres`} label="Height" quantity={length} />
          <PanelButton onClick={turn}>Turn 90°</PanelButton>
        </>
      )}
      {face.kind === "strip" && (
        <>
          <NumberField path={`${at}.lengthMetres`} label="Length" quantity={length} />
          <NumberField path={`${at}.breadthMetres`} label="Breadth" quantity={length} />
          <Choice path={`${at}.stance`} label="Turned" />
        </>
      )}
      {face.kind === "disc" && (
        <NumberField path={`${at}.diameterMetres`} label="Across" quantity={length} />
      )}
      {face.kind === "octagon" && (
        <NumberField path={`${at}.acrossFlatsMetres`} label="Side to side" quantity={length} />
      )}
    </>
  );
}

function FillingFields({ at, filling }: { at: string; filling: Filling }) {
  const length = useLength();
  switch (filling.kind) {
    case "hot-spot":
      return <NumberField path={`${at}.sideStops`} label="Centre to side" quantity={stops} />;
    case "in-box":
      return (
        <>
          <NumberField path={`${at}.depthMetres`} label="Depth" quantity={length} />
          <NumberField path={`${at}.lining`} label="Lining sends back" quantity={percent} />
          <NumberField path={`${at}.outerLossStops`} label="Outer baffle" quantity={stops} />
          <KindChoice path={`${at}.inner`} label="Inside" kinds={INNERS} />
          <NumberField path={`${at}.inner.lossStops`} label="Inner baffle" quantity={stops} />
          <NumberField path={`${at}.inner.place`} label="Hangs at" quantity={percent} />
          <Origin path={`${at}.origin`} />
        </>
      );
    case "from-behind":
      return (
        <>
          <NumberField path={`${at}.gapMetres`} label="Source behind it" quantity={length} />
          <NumberField path={`${at}.asideDegrees`} label="From the side" quantity={angle} />
          <NumberField path={`${at}.aboveDegrees`} label="From above" quantity={angle} />
        </>
      );
    case "off-board":
      return (
        <>
          <Choice path={`${at}.surface`} label="Board" />
          <NumberField path={`${at}.gapMetres`} label="Source before it" quantity={length} />
          <NumberField path={`${at}.asideDegrees`} label="From the side" quantity={angle} />
          <NumberField path={`${at}.aboveDegrees`} label="From above" quantity={angle} />
        </>
      );
    case "off-room":
      return (
        <>
          <Choice path={`${at}.side`} label="Off the" />
          <NumberField path={`${at}.asideDegrees`} label="Turned aside" quantity={angle} />
          <NumberField path={`${at}.aboveDegrees`} label="Turned up" quantity={angle} />
        </>
      );
    case "book-light":
      return (
        <>
          <Choice path={`${at}.surface`} label="Board" />
          <NumberField path={`${at}.gapMetres`} label="Board to cloth" quantity={length} />
          <NumberField path={`${at}.boardWidthMetres`} label="Board width" quantity={length} />
          <NumberField path={`${at}.boardHeightMetres`} label="Board height" quantity={length} />
          <NumberField path={`${at}.throwingMetres`} label="Source to board" quantity={length} />
          <NumberField path={`${at}.asideDegrees`} label="From the side" quantity={angle} />
        </>
      );
    default:
      return null;
  }
}

function SpreadFields({ at }: { at: string }) {
  return (
    <>
      <KindChoice path={at} label="Gives its light" kinds={SPREADS} />
      <NumberField path={`${at}.power`} label="Narrowness (1 is diffuse)" quantity={plain} />
      <NumberField path={`${at}.angleDegrees`} label="Grid angle" quantity={angle} />
      <NumberField path={`${at}.widthMetres`} label="Tube width" quantity={millimetres} />
      <NumberField path={`${at}.lengthMetres`} label="Tube length" quantity={millimetres} />
      <NumberField path={`${at}.cellWidthMetres`} label="Cell width" quantity={millimetres} />
      <NumberField path={`${at}.cellDepthMetres`} label="Cell depth" quantity={millimetres} />
      <NumberField path={`${at}.axialLossStops`} label="Loss on axis" quantity={stops} />
      <NumberField path={`${at}.straight`} label="Goes straight" quantity={percent} />
    </>
  );
}
