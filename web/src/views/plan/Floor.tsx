import { polygonHull } from "d3-polygon";
import { useMemo } from "react";
import type { Plan } from "../../api/types";
import { useAnswers } from "../../set/answers";
import { useLength } from "../../set/preferences";
import { useTable } from "../../set/store";
import { useView } from "../../set/view";
import { CardHandles } from "./CardHandles";
import { LightHandle } from "./LightHandle";
import { Contours, Rings, useLabels } from "./LightLines";
import { Measure } from "./Measure";
import { Pickable } from "./Pickable";
import { PlanTools } from "./PlanTools";
import { Probes } from "./Probes";
import { Ruler } from "./Ruler";
import { SourceSpot } from "./SourceSpot";
import { FloorSurroundings } from "./Surroundings";
import { Scale, useSize } from "./scale";
import { FITTED, seen, useViewport } from "./viewport";

/** The set from above, true to scale: stop rings round the hero, contour lines of light over the table. */
export function Floor({ reach }: { reach: number }) {
  const [ref, { width, height }] = useSize();
  const plan = useAnswers((answers) => answers.plan);
  const set = useTable((table) => table.possible);
  const backdrop = set?.backdrop;
  const length = useLength();
  const { viewport, fit, step, ground } = useViewport(ref, { width, height });
  const { rings, contours, tape } = useView();
  const scale = useMemo(
    () => seen(new Scale(height / 2 / reach, width / 2, height / 2), viewport, { width, height }),
    [width, height, reach, viewport],
  );
  const labels = useLabels(plan, scale, rings, contours);
  return (
    <section aria-label="The set from above" className="relative h-full min-h-0">
      <div ref={ref} className="absolute inset-0 overflow-hidden rounded-panel bg-panel">
        {plan && width > 0 && (
          <svg width={width} height={height} className="block" aria-hidden={false}>
            <title>The set from above</title>
            <rect
              width={width}
              height={height}
              fill="transparent"
              className="touch-none"
              data-testid="floor-ground"
              {...ground}
            />
            {contours && <Contours plan={plan} scale={scale} labels={labels} />}
            {set && <FloorSurroundings plan={plan} set={set} scale={scale} />}
            {rings && <Rings plan={plan} scale={scale} labels={labels} />}
            {backdrop && (
              <Pickable
                part="surfaces"
                title="Backdrop"
                d={scale.path(
                  [-0.5, 0.5].map((end) => ({
                    across: end * backdrop.widthMetres,
                    up: backdrop.distanceMetres,
                  })),
                  false,
                )}
                className="stroke-edge"
                strokeWidth={3}
              />
            )}
            <ClockFace width={width} height={height} />
            <Ground plan={plan} scale={scale} />
            <Light plan={plan} scale={scale} />
            <Strip plan={plan} scale={scale} />
            <MeterMark scale={scale} />
            <Probes at={(point) => [scale.across(point.x), scale.up(point.y)]} />
            <CardHandles view="floor" scale={scale} />
            <LightHandle view="floor" scale={scale} />
            {tape && <Measure scale={scale} width={width} height={height} />}
            <Ruler perMetre={scale.perMetre} x={width - 14} y={height - 12} unit={length.unit} />
          </svg>
        )}
      </div>
      <h2 className="pointer-events-none absolute top-2 left-3 font-semibold text-soft text-xs">
        From above
      </h2>
      <p className="pointer-events-none absolute bottom-1.5 left-1.5 rounded bg-panel/85 px-1.5 py-0.5 text-[11px] text-soft leading-tight">
        {rings && (
          <span className="block">Dotted rings: the light moved there, in stops from now</span>
        )}
        {contours && (
          <span className="block">Lines: light on the table, in stops from the hero</span>
        )}
      </p>
      <PlanTools fitted={viewport === FITTED} fit={fit} step={step} />
    </section>
  );
}

/** Where the meter reads, when that is not on the hero's top. */
function MeterMark({ scale }: { scale: Scale }) {
  const elsewhere = useTable(
    (table) => table.possible?.exposure.metering.point.kind !== "hero-top",
  );
  const reading = useAnswers((answers) =>
    answers.readings.find(({ kind }) => kind === "KEY_EXPOSURE"),
  );
  const at = reading?.places[0];
  if (!elsewhere || !at) return null;
  return (
    <g
      transform={`translate(${scale.across(at.x)} ${scale.up(at.y)})`}
      data-testid="floor-meter"
      className="stroke-sand"
      fill="none"
      strokeWidth={1.6}
    >
      <title>The meter reads here</title>
      <circle r={5} className="fill-ground" />
      <path d="M-9 0H-5M5 0H9M0-9V-5M0 5V9" />
    </g>
  );
}

/** The clock round the hero, at the edges of the drawing. */
function ClockFace({ width, height }: { width: number; height: number }) {
  const hours: [string, number, number][] = [
    ["12", width / 2, 14],
    ["3", width - 10, height / 2],
    ["6", width / 2, height - 14],
    ["9", 10, height / 2],
  ];
  return (
    <g className="fill-soft stroke-panel text-xs" strokeWidth={4} paintOrder="stroke">
      {hours.map(([hour, x, y]) => (
        <text key={hour} x={x} y={y + 4} textAnchor="middle">
          {hour}
        </text>
      ))}
    </g>
  );
}

type Part = { plan: Plan; scale: Scale };

/** What stands or lies on the table: the frame's outline, the dish, its shadow's line. */
function Ground({ plan, scale }: Part) {
  const shadow = useMemo(() => {
    const hull = polygonHull(plan.shadowPoints.map(({ x, y }) => [x, y]));
    return (hull ?? []).map(([x, y]) => ({ across: x, up: y }));
  }, [plan]);
  return (
    <g>
      <path
        d={scale.path(plan.frame.map(({ x, y }) => ({ across: x, up: y })))}
        fill="none"
        className="stroke-ink"
        strokeWidth={1}
        opacity={0.7}
      />
      <path d={scale.path(shadow)} className="fill-ink" opacity={0.28} data-testid="floor-shadow" />
      {plan.props.map((outline, i) => (
        <Pickable
          key={`${outline[0]?.x} ${outline[0]?.y}`}
          part="props"
          number={i}
          title={`Prop ${i + 1}`}
          d={scale.path(outline.map(({ x, y }) => ({ across: x, up: y })))}
          className="fill-raised stroke-edge"
          strokeWidth={1.2}
        />
      ))}
      {plan.rims.map((rim) => (
        <Pickable
          key={`${rim.height} ${rim.halfWidth}`}
          part="hero"
          title="Hero"
          d={rim.round ? scale.ellipse(rim) : scale.rectangle(rim)}
          className="fill-raised stroke-ink"
          strokeWidth={1.4}
        />
      ))}
      {plan.secondLights.map((corners) => (
        <path
          key={`${corners[0]?.x} ${corners[0]?.y}`}
          d={scale.path(corners.map(({ x, y }) => ({ across: x, up: y })))}
          className="fill-sand/20 stroke-sand"
          strokeWidth={1}
          strokeDasharray="2 2"
          data-testid="second-light"
        />
      ))}
      {plan.cards.flat().map((corners) => (
        <path
          key={`${corners[0]?.x} ${corners[0]?.y} ${corners[1]?.x}`}
          d={scale.path(corners.map(({ x, y }) => ({ across: x, up: y })))}
          className="fill-ink/20 stroke-ink"
          strokeWidth={2.4}
          strokeLinejoin="round"
          data-testid="floor-card"
        />
      ))}
      {plan.base.length > 0 && (
        <path
          d={scale.path(plan.base.map(({ x, y }) => ({ across: x, up: y })))}
          className="fill-sand/10 stroke-sand"
          strokeWidth={1.4}
          strokeDasharray="4 3"
        />
      )}
      <circle cx={scale.across(0)} cy={scale.up(0)} r={2} className="fill-ink" />
    </g>
  );
}

/** How wide the light on the hero is that flags, a slit or a pattern leave: thick where it is full, thin to half. */
function Strip({ plan, scale }: Part) {
  const [halfFrom, fullFrom, fullTo, halfTo] = plan.strip;
  if (!halfFrom || !fullFrom || !fullTo || !halfTo) return null;
  const line = (...ends: { x: number; y: number }[]) =>
    scale.path(
      ends.map(({ x, y }) => ({ across: x, up: y })),
      false,
    );
  return (
    <g data-testid="strip" className="stroke-sand" strokeLinecap="round">
      <path d={line(halfFrom, halfTo)} strokeWidth={2} />
      <path d={line(fullFrom, fullTo)} strokeWidth={6} />
    </g>
  );
}

function Light({ plan, scale }: Part) {
  return (
    <g>
      {plan.doors.map((corners) => (
        <path
          key={`${corners[0]?.x} ${corners[0]?.y} ${corners[0]?.z}`}
          d={scale.path(corners.map(({ x, y }) => ({ across: x, up: y })))}
          className="fill-ink/20 stroke-ink"
          strokeWidth={1.4}
          data-testid="door"
        />
      ))}
      <path
        d={scale.path(
          [plan.faceCentre, plan.aim].map(({ x, y }) => ({ across: x, up: y })),
          false,
        )}
        className="stroke-sand"
        strokeWidth={1}
        opacity={0.7}
      />
      <path
        d={scale.path(plan.faceCorners.map(({ x, y }) => ({ across: x, up: y })))}
        className="fill-sand/25 stroke-sand"
        strokeWidth={2}
        strokeLinejoin="round"
      />
      <SourceSpot
        from={{ across: plan.source.x, up: plan.source.y }}
        to={{ across: plan.faceCentre.x, up: plan.faceCentre.y }}
        scale={scale}
      />
    </g>
  );
}
