import { isEmptyGarden } from "@/core/garden";
import { gardenStore, whenNeeded } from "@/store/index";
import { downloadText } from "@/ui/download";

const everythingPart = whenNeeded(() => import("@/store/everything"));

/** Saves all that this browser keeps, as it is kept: for when something of it cannot be shown. */
export async function saveEverything(): Promise<void> {
  const { garden } = gardenStore().getState();
  const { everythingAsText } = await everythingPart();
  const text = await everythingAsText(isEmptyGarden(garden) ? null : garden);
  downloadText("late-ember-everything.json", "application/json", text);
}
