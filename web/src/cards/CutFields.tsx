import { useQuery } from "@tanstack/react-query";
import { FileDown, FileUp } from "lucide-react";
import { useState } from "react";
import { api } from "../api/client";
import type { Card, CardCut, PatternOpen, TableSet } from "../api/types";
import { KindChoice } from "../fields/KindChoice";
import { HOLES } from "../fields/kinds";
import { PartFields } from "../fields/PartFields";
import { useReadingKinds } from "../set/answers";
import { changeWords } from "../set/changes";
import { asking } from "../set/late";
import { useLength } from "../set/preferences";
import { useTable } from "../set/store";
import { FilePick, usePicker } from "../ui/FilePick";
import { PanelButton } from "../ui/PanelButton";
import { openPattern, saveTemplate, tryOut } from "./actions";

/** The pattern cut into a card: from the library, or a file of one's own. */
export function CutFields({ at, card }: { at: number; card: Card }) {
  const path = `cards.${at}.cut.holes`;
  const any = card.cut.holes.kind !== "no-holes";
  return (
    <>
      <KindChoice path={path} label="Pattern" kinds={HOLES} />
      <PartFields path={path} slides />
      {any && <Preview at={at} />}
      <Import at={at} />
      {any && (
        <div className="min-w-0">
          <p className="text-soft text-xs">Template, 1 : 1</p>
          <div className="mt-0.5 grid grid-cols-2 gap-1">
            <PanelButton
              name="Save the template as SVG"
              onClick={() => void saveTemplate(at, "SVG")}
            >
              <FileDown size={14} aria-hidden /> SVG
            </PanelButton>
            <PanelButton
              name="Save the template as PDF on A4"
              onClick={() => void saveTemplate(at, "PDF")}
            >
              <FileDown size={14} aria-hidden /> PDF
            </PanelButton>
          </div>
        </div>
      )}
      {any && card.cut.holes.kind !== "slit" && <SharperMoves />}
    </>
  );
}

/** A drawing or picture of one's own. */
function Import({ at }: { at: number }) {
  const picker = usePicker();
  const [open, setOpen] = useState<PatternOpen>("LIGHT");
  const pick = (parts: PatternOpen) => {
    setOpen(parts);
    picker.current?.click();
  };
  return (
    <>
      <FilePick
        picker={picker}
        accept=".svg,.png,image/svg+xml,image/png"
        label="Pattern file"
        testId="pattern-file"
        onFile={(file) => void openPattern(at, file, open)}
      />
      <div className="col-span-2 min-w-0">
        <p className="text-soft text-xs">Your own: SVG outlines, or a PNG whose</p>
        <div className="mt-0.5 grid grid-cols-2 gap-1">
          <PanelButton onClick={() => pick("LIGHT")}>
            <FileUp size={14} aria-hidden className="shrink-0" /> white is open
          </PanelButton>
          <PanelButton onClick={() => pick("DARK")}>
            <FileUp size={14} aria-hidden className="shrink-0" /> black is open
          </PanelButton>
        </div>
      </div>
    </>
  );
}

/** The card as it would look held against a window. */
function Preview({ at }: { at: number }) {
  const set = useTable((table) => table.possible);
  const cut = useQuery({
    queryKey: ["card-cut", set?.cards[at]],
    queryFn: () => api.cardCut(set as TableSet, at),
    enabled: set !== null && at < set.cards.length,
    placeholderData: (before) => before,
    gcTime: 0,
  });
  return cut.data ? <CutDrawing cut={cut.data} /> : null;
}

function CutDrawing({ cut }: { cut: CardCut }) {
  const { widthMetres: width, heightMetres: height, standing } = cut;
  const points = (piece: number[]) =>
    Array.from(
      { length: piece.length / 2 },
      (_, i) => `${piece[2 * i]?.toFixed(4)},${(-(piece[2 * i + 1] ?? 0)).toFixed(4)}`,
    ).join(" ");
  return (
    <svg
      role="img"
      aria-label={`The pattern: ${cut.pieces.length} pieces`}
      data-testid="cut-preview"
      viewBox={`${-width / 2} ${-height / 2} ${width} ${height}`}
      className="row-span-2 h-24 w-full self-end rounded-md border border-line bg-surround p-1"
    >
      <rect
        x={-width / 2}
        y={-height / 2}
        width={width}
        height={height}
        className={standing ? "fill-ink" : "fill-ground"}
      />
      {cut.pieces.map((piece) => (
        <polygon
          key={piece.slice(0, 6).join(" ")}
          points={points(piece)}
          className={standing ? "fill-ground" : "fill-ink"}
        />
      ))}
    </svg>
  );
}

const BY: Record<string, string> = {
  CUT_DISTANCE: "Card nearer to the dish",
  FACE_SIZE: "Smaller light",
};

/** The two moves that sharpen a pattern, each with what it does. */
function SharperMoves() {
  const set = useTable((table) => table.possible);
  const dragging = useTable((table) => table.dragging);
  const length = useLength();
  const kinds = useReadingKinds();
  const moves = useQuery({
    queryKey: ["sharper", set],
    queryFn: async ({ signal }) => ({
      asked: set as TableSet,
      moves: await api.sharper(set as TableSet, signal),
    }),
    enabled: set !== null && !dragging,
    placeholderData: (before) => before,
    gcTime: 0,
  });
  if (!moves.data || moves.data.moves.length === 0) return null;
  const { asked } = moves.data;
  return (
    <ul
      // of the pattern before until the new one's are known
      aria-busy={moves.isFetching}
      className={`col-span-full grid gap-1 ${moves.isFetching ? "older" : ""}`}
      data-testid="sharper"
    >
      {moves.data.moves.map((move) => {
        const words = changeWords(move.changes, kinds, length);
        const name = BY[move.lever] ?? move.lever;
        return (
          <li key={move.lever} className="flex items-center gap-2 text-sm">
            <PanelButton
              className="shrink-0"
              onClick={() => tryOut(asking(asked), move.set, `${name}: done`)}
            >
              {name}
            </PanelButton>
            <span className="text-soft leading-tight">{words.join(" · ")}</span>
          </li>
        );
      })}
    </ul>
  );
}
