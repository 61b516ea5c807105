import type * as z from "zod";
import { fact, fromMessage, type Fact } from "../facts";

/** Something wrong with what was given: where, and what would be right. */
export interface Problem {
  /** The field, as `plantings[3].sowOn`; empty for the whole. */
  path: string;
  message: Fact;
}

/**
 * Zod's findings as facts: a schema's own where it gave one, else what was expected there.
 *
 * @param within the path of what was checked, where it is a part of something larger
 */
export function problemsFrom(error: z.ZodError, within = ""): Problem[] {
  return error.issues.map((issue) => ({
    path: pathWords(issue.path, within),
    message: sentence(issue),
  }));
}

const KEYS_NAMED = 5;

function unknownKeys(keys: readonly string[]): Fact {
  const named = keys.slice(0, KEYS_NAMED).map((key) => `"${clip(key)}"`);
  const more = keys.length - named.length;
  return fact("gardenFile.thisProgramDoesNotKnowHereRemove", {
    named,
    more: Math.max(0, more),
    keysCount: keys.length,
  });
}

function sentence(issue: z.core.$ZodIssue): Fact {
  switch (issue.code) {
    case "invalid_type":
      return (
        fromMessage(issue.message) ?? fact("gardenFile.thisShouldBe", { expected: issue.expected })
      );
    case "unrecognized_keys":
      return unknownKeys(issue.keys);
    case "invalid_value":
      return fact("gardenFile.thisShouldBe2", {
        allowed: issue.values.map((value) => JSON.stringify(value)),
      });
    case "invalid_union":
      return fromMessage(issue.message) ?? fact("gardenFile.thisIsNotOneOfTheAllowedValues");
    case "too_big":
      return (
        fromMessage(issue.message) ?? fact("gardenFile.atMost2", { maximum: Number(issue.maximum) })
      );
    case "too_small":
      return (
        fromMessage(issue.message) ?? fact("gardenFile.atLeast", { minimum: Number(issue.minimum) })
      );
    default:
      return fromMessage(issue.message) ?? fact("gardenFile.thisIsNotInTheExpectedForm");
  }
}

/** `["plantings", 3, "sowOn"]` as `plantings[3].sowOn`. */
function pathWords(path: readonly PropertyKey[], within: string): string {
  return path.reduce<string>((words, part) => {
    if (typeof part === "number") return `${words}[${part}]`;
    const key = clip(String(part));
    return words === "" ? key : `${words}.${key}`;
  }, within);
}

function clip(text: string): string {
  return text.length > 40 ? `${text.slice(0, 40)}…` : text;
}
