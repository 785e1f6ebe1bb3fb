/** A name that no piece of a list has yet: "White card", "White card 2" and so on. */
export function freeName(wanted: string, taken: { name: string }[]): string {
  const names = new Set(taken.map(({ name }) => name.trim().toLowerCase()));
  let name = wanted;
  for (let n = 2; names.has(name.trim().toLowerCase()); n++) name = `${wanted} ${n}`;
  return name;
}
