import { Fragment } from "react";
import type { TableSet } from "../api/types";
import { useReadingKinds } from "../set/answers";
import { figure, QUESTIONS } from "../set/figures";
import { useLength } from "../set/preferences";
import { useHighlightOf, useReadingsOf } from "./compared";

/** The first questions, answered for one set; its highlight, and how far the light stands. */
export function Figures({ set }: { set: TableSet }) {
  const length = useLength();
  const kinds = useReadingKinds();
  const read = useReadingsOf(set);
  const highlight = useHighlightOf(set).data?.highlight;
  return (
    <dl
      className="mt-1 grid grid-cols-[auto_1fr] gap-x-2 gap-y-0.5 text-xs leading-tight"
      data-testid="figures"
    >
      <Row label="Stands at">
        <b className="font-medium">{length.show(set.light.distanceMetres)}</b> {length.unit}
      </Row>
      {QUESTIONS.map(({ name, label }) => {
        const kind = kinds.find((one) => one.kind === name);
        const reading = read.data?.readings.find((one) => one.kind === name);
        const shown =
          kind && typeof reading?.value === "number" && figure(kind, reading.value, length);
        return (
          <Row key={name} label={label}>
            <b className="font-medium">{reading?.text || reading?.word || "—"}</b>
            {shown && !reading?.text && ` ${shown.text} ${shown.unit}`}
          </Row>
        );
      })}
      {highlight && (
        <Row label="Highlight">
          <b className="font-medium">
            {length.show(highlight.lengthMetres)} × {length.show(highlight.widthMetres)}
          </b>{" "}
          {length.unit}, {highlight.aboveStops.toFixed(1)} stops over the rest
        </Row>
      )}
    </dl>
  );
}

function Row({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <Fragment>
      <dt className="text-soft">{label}</dt>
      <dd className="text-right">{children}</dd>
    </Fragment>
  );
}
