import { gardenStore, type StepName } from "@/store/index";
import { dropPending } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";

/** Takes the last step back and says what it was. */
export async function undo(): Promise<void> {
  // What is shown and not yet kept is the last thing done: that goes, and nothing before it.
  if (dropPending()) return tell("Undone: what was just moved.");
  const name = gardenStore().getState().undo;
  const done = await gardenStore().undo();
  tell(
    done.ok ? `Undone: ${name && stepWords(name)}.` : done.refusal,
    done.ok ? "done" : "refused",
  );
}

/** Brings the last undone step again and says what it was. */
export async function redo(): Promise<void> {
  const name = gardenStore().getState().redo;
  const done = await gardenStore().redo();
  tell(
    done.ok ? `Done again: ${name && stepWords(name)}.` : done.refusal,
    done.ok ? "done" : "refused",
  );
}

/** A step in words, with where it was taken when that was not here. */
export function stepWords({ label, isOwn }: StepName): string {
  return isOwn ? label : `${label}, from another tab or an earlier visit`;
}
