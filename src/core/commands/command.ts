import type * as z from "zod";
import { type Change, changesBetween, type Garden, withChanges, type Planting } from "../garden";
import { problemsFrom } from "../gardenFile";
import { fact, type Fact } from "../facts";

/** What a command comes to: the changes it makes, or why it makes none. */
export type Outcome =
  | { ok: true; changes: Change[]; garden: Garden }
  | { ok: false; refusal: Fact; path: string; ways?: WayOut[] };

/** Another way to what was refused: one command that would be taken. */
export interface WayOut {
  /** On its button: "Put it at 4 m". */
  words: Fact;
  command: { name: "planting.setMany"; input: { plantings: Planting[] } };
}

/** What a command's `run` gives back. */
export type Run = { changes: Change[] } | { refusal: Fact; path?: string; ways?: WayOut[] };

interface Definition<Input> {
  name: string;
  /** What undo and redo call it, from its input. */
  label: (input: Input, garden: Garden) => Fact;
  input: z.ZodType<Input>;
  /** What comes in by itself, such as an outlook: kept, but no step for undo. */
  quiet?: boolean;
  run(garden: Garden, input: Input): Run;
}

/** A kind of change to the garden: checked input in, changed entities or a plain refusal out. */
export interface Command<Input> extends Definition<Input> {
  /** Checks the input, runs, and gives the changed garden with the changes that made it. */
  apply(garden: Garden, input: unknown): Outcome & { label?: Fact; quiet?: boolean };
}

export function command<Input>(definition: Definition<Input>): Command<Input> {
  return {
    ...definition,
    apply(garden, given) {
      const parsed = definition.input.safeParse(given);
      if (!parsed.success) {
        const [problem] = problemsFrom(parsed.error);
        return {
          ok: false,
          refusal: problem?.message ?? fact("commands.thisCannotBeRead"),
          path: problem?.path ?? "",
        };
      }
      const result = definition.run(garden, parsed.data);
      if ("refusal" in result) {
        const { refusal, path = "", ways } = result;
        return { ok: false, refusal, path, ...(ways && { ways }) };
      }
      return {
        ok: true,
        changes: result.changes,
        garden: withChanges(garden, result.changes),
        label: definition.label(parsed.data, garden),
        // What changes nothing is no step to undo either.
        quiet: (definition.quiet ?? false) || result.changes.length === 0,
      };
    },
  };
}

/** Refuses with a plain sentence that says what would be right. */
export function refuse(refusal: Fact, path?: string, ways?: WayOut[]): Run {
  return { refusal, ...(path !== undefined && { path }), ...(ways && { ways }) };
}

/** One entity set, added or removed. */
export function change(...changes: Change[]): Run {
  return { changes };
}

/** The whole garden replaced, as one step. */
export function replaceWith(from: Garden, to: Garden): Run {
  return { changes: changesBetween(from, to) };
}
