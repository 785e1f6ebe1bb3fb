import type { SVGProps } from "react";
import { type Part, pickProp, useWorked, workOn } from "../../set/picked";

type Props = SVGProps<SVGPathElement> & {
  /** What it opens. */
  part: Part;
  title: string;
  /** Of a prop. */
  number?: number;
};

/** Something drawn that opens its numbers when it is clicked; by keyboard the subjects do that. Marked while it is worked on. */
export function Pickable({ part, title, number, className = "", ...drawn }: Props) {
  const worked = useWorked(
    (now) => now.part === part && (number === undefined || now.prop === number),
  );
  return (
    <path
      {...drawn}
      className={`cursor-pointer hover:brightness-125 ${worked ? className.replace(/stroke-\w+/, "stroke-sand") : className}`}
      data-worked={worked}
      onPointerDown={() => (number === undefined ? workOn(part) : pickProp(number))}
    >
      <title>{title}</title>
    </path>
  );
}
