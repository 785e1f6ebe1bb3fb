export type Label = { key: string; x: number; y: number; halfWidth: number };

const HALF_HEIGHT = 9;
const GAP = 2;

/** Which labels fit without covering one that comes before them: those that matter most come first. */
export function spaced(labels: Label[]): Set<string> {
  const placed: Label[] = [];
  for (const label of labels) {
    const covers = placed.some(
      (other) =>
        Math.abs(other.x - label.x) < other.halfWidth + label.halfWidth + GAP &&
        Math.abs(other.y - label.y) < 2 * HALF_HEIGHT + GAP,
    );
    if (!covers) placed.push(label);
  }
  return new Set(placed.map(({ key }) => key));
}
