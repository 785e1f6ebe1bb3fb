import { Plus } from "lucide-react";
import { Popover } from "radix-ui";
import { Button } from "../ui/Button";
import { Menu } from "../ui/Menu";
import { addCard } from "./actions";
import { READY_MADE } from "./readyMade";

/** Everything that can be put round the dish, each in its usual place. */
export function AddCard({ full }: { full: boolean }) {
  return (
    <Menu
      name="Cards, flags and patterns to add"
      align="end"
      className="max-h-[70vh] w-[min(420px,calc(100vw-16px))] overflow-y-auto"
      trigger={
        <Button look="strong" className="self-end px-2" disabled={full} data-testid="add-card">
          <Plus size={15} aria-hidden /> Add
        </Button>
      }
    >
      {READY_MADE.map(({ group, cards }) => (
        <div key={group} className="mb-1.5 last:mb-0">
          <h3 className="px-2 pt-1 font-semibold text-soft text-xs">{group}</h3>
          <ul className="grid grid-cols-2">
            {cards.map(({ name, about, card, place }) => (
              <li key={name}>
                <Popover.Close asChild>
                  <button
                    type="button"
                    onClick={() => void addCard(card, place)}
                    className="min-h-11 w-full rounded px-2 py-1 text-left hover:bg-raised"
                  >
                    <span className="block font-medium text-sm leading-tight">{name}</span>
                    <span className="text-soft text-xs">{about}</span>
                  </button>
                </Popover.Close>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </Menu>
  );
}
