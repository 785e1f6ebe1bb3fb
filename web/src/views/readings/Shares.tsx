import { useAnswers, useReadingKinds } from "../../set/answers";
import { SHARES } from "../../set/figures";

const TONES = ["bg-sand", "bg-sand/70", "bg-sand/50", "bg-line", "bg-soft/60", "bg-soft/30"];

/** Less than this is nothing worth a line. */
const HARDLY = 0.005;

/** Where the metered light comes from, as a bar and in words. */
export function Shares() {
  const readings = useAnswers((answers) => answers.readings);
  const kinds = useReadingKinds();
  const shares = SHARES.map((name, i) => ({
    name,
    tone: TONES[i],
    title: kinds.find(({ kind }) => kind === name)?.title,
    value: readings.find(({ kind }) => kind === name)?.value ?? 0,
  })).filter(({ value }) => value >= HARDLY);
  if (shares.length === 0) return null;
  return (
    <div className="mt-3" data-testid="shares">
      <p className="text-soft text-xs">The metered light comes</p>
      <div className="mt-1 flex h-2 overflow-hidden rounded-full" aria-hidden>
        {shares.map(({ name, tone, value }) => (
          <span key={name} className={tone} style={{ width: `${value * 100}%` }} />
        ))}
      </div>
      <ul className="mt-1 grid gap-0.5">
        {shares.map(({ name, tone, title, value }) => (
          <li key={name} className="grid grid-cols-[0.75rem_1fr_auto] items-center gap-2">
            <span className={`h-2 w-2 rounded-full ${tone}`} aria-hidden />
            <span>{title}</span>
            <span className="font-semibold">{(value * 100).toFixed(0)} %</span>
          </li>
        ))}
      </ul>
    </div>
  );
}
