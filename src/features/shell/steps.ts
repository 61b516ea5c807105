import { gardenStore } from "@/store/index";
import { dropPending } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";

/** Takes the last step back and says what it was. */
export async function undo(): Promise<void> {
  // What is shown and not yet kept is the last thing done: that goes, and nothing before it.
  if (dropPending()) return tell("Undone: what was just moved.");
  const label = gardenStore().getState().undoLabel;
  const done = await gardenStore().undo();
  tell(done.ok ? `Undone: ${label}.` : done.refusal, done.ok ? "done" : "refused");
}

/** Brings the last undone step again and says what it was. */
export async function redo(): Promise<void> {
  const label = gardenStore().getState().redoLabel;
  const done = await gardenStore().redo();
  tell(done.ok ? `Done again: ${label}.` : done.refusal, done.ok ? "done" : "refused");
}
