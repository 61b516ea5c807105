import type { CommandInput, CommandName } from "@/core/commands";
import { gardenStore } from "@/store/index";
import { tell, tellRefusal } from "./viewState";

/** Sends a command and tells what came of it, with the way back. */
export async function send<N extends CommandName>(
  name: N,
  input: CommandInput<N>,
  doneWords: string,
): Promise<boolean> {
  const done = await gardenStore().dispatch(name, input);
  if (done.ok) tell(doneWords, "done", true);
  else tellRefusal(done);
  return done.ok;
}
