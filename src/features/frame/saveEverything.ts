import { isEmptyGarden } from "@/core/garden";
import { everythingAsText, gardenStore } from "@/store";
import { downloadText } from "@/ui/download";

/** Saves all that this browser keeps, as it is kept: for when something of it cannot be shown. */
export async function saveEverything(): Promise<void> {
  const { garden } = gardenStore().getState();
  const text = await everythingAsText(isEmptyGarden(garden) ? null : garden);
  downloadText("late-ember-everything.json", "application/json", text);
}
