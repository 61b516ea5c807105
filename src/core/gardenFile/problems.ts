import type * as z from "zod";

/** Something wrong with what was given: where, and what would be right, in a plain sentence. */
export interface Problem {
  /** The field, as `plantings[3].sowOn`; empty for the whole. */
  path: string;
  message: string;
}

const TYPE_WORDS: Record<string, string> = {
  string: "text",
  number: "a number",
  int: "a whole number",
  boolean: "true or false",
  array: "a list",
  object: "a group of fields",
};

/**
 * Zod's findings as plain sentences; its own words are kept where a schema gave them.
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

function unknownKeys(keys: readonly string[]): string {
  const named = keys.slice(0, KEYS_NAMED).map((key) => `"${clip(key)}"`);
  const more = keys.length - named.length;
  const rest = more > 0 ? ` and ${more.toLocaleString("en")} more` : "";
  return `This program does not know ${named.join(", ")}${rest} here; remove ${keys.length === 1 ? "it" : "them"}.`;
}

function sentence(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case "invalid_type":
      // A schema's own message is kept; Zod's default begins with "Invalid input".
      return issue.message.startsWith("Invalid input")
        ? `This should be ${TYPE_WORDS[issue.expected] ?? issue.expected}.`
        : issue.message;
    case "unrecognized_keys":
      return unknownKeys(issue.keys);
    case "invalid_value":
      return `This should be ${issue.values.map((value) => JSON.stringify(value)).join(" or ")}.`;
    case "invalid_union":
      return issue.message.startsWith("Invalid")
        ? "This is not one of the allowed values."
        : issue.message;
    case "too_big":
      return issue.message.startsWith("Too big") ? `At most ${issue.maximum}.` : issue.message;
    case "too_small":
      return issue.message.startsWith("Too small") ? `At least ${issue.minimum}.` : issue.message;
    default:
      return issue.message.startsWith("Invalid")
        ? "This is not in the expected form."
        : issue.message;
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
