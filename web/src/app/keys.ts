import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { useTable } from "../set/store";
import { setActions } from "../sets/actions";

/** Whether text is being written that the browser itself takes back. */
function isTyping(target: EventTarget | null): boolean {
  if (target instanceof HTMLTextAreaElement) return true;
  if (!(target instanceof HTMLInputElement)) return false;
  return target.role === "spinbutton"
    ? target.dataset.typing === "true"
    : ["text", "search"].includes(target.type);
}

/** Save, undo and redo from the keyboard. */
export function useKeys(): void {
  const queries = useQueryClient();
  useEffect(() => {
    const actions = setActions(queries);
    const press = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey) return;
      const { undo, redo } = useTable.getState();
      const key = event.key.toLowerCase();
      if (key === "s") void actions.save();
      // what is being typed is undone by the browser
      else if (isTyping(event.target)) return;
      else if (key === "z" && event.shiftKey) redo();
      else if (key === "z") undo();
      else if (key === "y") redo();
      else return;
      event.preventDefault();
    };
    addEventListener("keydown", press);
    return () => removeEventListener("keydown", press);
  }, [queries]);
}
