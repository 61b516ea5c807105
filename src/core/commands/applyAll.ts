import { fact, type Fact } from "../facts";
import type { Garden } from "../garden";
import { commands, type CommandName } from "./registry";

/** A command by its name, as it comes in from outside. */
export interface CommandCall {
  name: string;
  input: unknown;
}

/** A garden with commands carried out one after the other, or why one of them is refused. */
export function applyAll(
  garden: Garden,
  calls: readonly CommandCall[],
): { ok: true; garden: Garden } | { ok: false; refusal: Fact } {
  let changed = garden;
  for (const [index, { name, input }] of calls.entries()) {
    const place = index + 1;
    if (!isCommand(name)) {
      return { ok: false, refusal: fact("commands.noSuchCommand", { place, name }) };
    }
    const outcome = commands[name].apply(changed, input);
    if (!outcome.ok) {
      const { refusal } = outcome;
      return { ok: false, refusal: fact("commands.stepRefused", { place, refusal }) };
    }
    changed = outcome.garden;
  }
  return { ok: true, garden: changed };
}

const isCommand = (name: string): name is CommandName => Object.hasOwn(commands, name);
