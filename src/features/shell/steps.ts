import { gardenStore, type StepName } from "@/store/index";
import { dropPending } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";
import { told } from "@/ui/wording";
import { shell as say } from "@/words/en/shell";
import { canTell } from "@/words";

/** Takes the last step back and says what it was. */
export async function undo(): Promise<void> {
  // What is shown and not yet kept is the last thing done: that goes, and nothing before it.
  if (dropPending()) return tell(say.moveUndone);
  const name = gardenStore().getState().undo;
  const done = await gardenStore().undo();
  tell(
    done.ok ? say.undone({ step: (name && stepWords(name)) ?? "" }) : done.refusal,
    done.ok ? "done" : "refused",
  );
}

/** Brings the last undone step again and says what it was. */
export async function redo(): Promise<void> {
  const name = gardenStore().getState().redo;
  const done = await gardenStore().redo();
  tell(
    done.ok ? say.redone({ step: (name && stepWords(name)) ?? "" }) : done.refusal,
    done.ok ? "done" : "refused",
  );
}

/**
 * A step in words, with where it was taken when that was not here; null while its words are still to
 * come.
 */
export function stepWords({ label, isOwn }: StepName): string | null {
  if (!canTell(label)) return null;
  return isOwn ? told(label) : say.fromAnotherTabOrAnEarlierVisit({ label: told(label) });
}
