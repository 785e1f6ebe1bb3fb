import { useQueryClient } from "@tanstack/react-query";
import { Command } from "cmdk";
import { Sheet } from "../ui/Sheet";
import { act, everyAction } from "./everyAction";

/** Any action, found by typing. */
export function Find({ onClose }: { onClose: () => void }) {
  const actions = everyAction(useQueryClient());
  const groups = [...new Set(actions.map(({ group }) => group))];
  return (
    <Sheet open onClose={onClose} title="Find an action">
      <Command label="Find an action" loop className="mt-3 flex min-h-0 flex-col">
        <Command.Input
          autoFocus
          placeholder="Such as: white card, power, inches"
          className="h-10 w-full rounded-md border border-edge/60 bg-raised px-3 text-base max-sm:h-11"
          data-testid="find"
        />
        <Command.List className="-mx-2 mt-2 min-h-0 overflow-y-auto">
          <Command.Empty className="px-2 py-4 text-soft">Nothing here is called so.</Command.Empty>
          {groups.map((group) => (
            <Command.Group
              key={group}
              heading={group}
              className="[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-3 [&_[cmdk-group-heading]]:pb-1 [&_[cmdk-group-heading]]:font-semibold [&_[cmdk-group-heading]]:text-soft [&_[cmdk-group-heading]]:text-xs"
            >
              {actions
                .filter((action) => action.group === group)
                .map((action) => (
                  <Command.Item
                    key={action.words}
                    value={`${group} ${action.words}`}
                    onSelect={() => {
                      onClose();
                      void act(action);
                    }}
                    className="flex min-h-9 cursor-pointer items-center justify-between gap-3 rounded px-2 data-[selected=true]:bg-raised max-sm:min-h-11"
                  >
                    {action.words}
                    {action.keys && <kbd className="text-soft text-xs">{action.keys}</kbd>}
                  </Command.Item>
                ))}
            </Command.Group>
          ))}
        </Command.List>
      </Command>
    </Sheet>
  );
}
