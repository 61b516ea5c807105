import { COLLECTED_KINDS, COLLECTIONS, type EntityKind } from "../garden";
import { GardenFileSchema, tooMany, type GardenFile } from "./fileSchema";
import { problemsFrom, type Problem } from "./problems";
import { referenceProblems } from "./references";

/** A garden file's content that is right, or what is wrong with it. */
export type CheckedFile =
  | { ok: true; file: GardenFile }
  | { ok: false; problems: Problem[]; /** There may be more than are told. */ more: boolean };

type Shape = typeof GardenFileSchema.shape;

/** What an entity of a kind has to be. */
export function entitySchema(kind: EntityKind) {
  const { shape } = GardenFileSchema;
  switch (kind) {
    case "garden":
    case "settings":
      return shape[kind];
    case "place":
    case "record":
    case "outlook":
    case "plot":
    case "need":
    case "history":
      return shape[kind].unwrap();
    default:
      return shape[COLLECTIONS[kind]].element;
  }
}

/**
 * Checks the content of a garden file, entity by entity, and stops where enough is wrong: a file of
 * fifty thousand broken plantings is not worth a million sentences.
 *
 * @param content    of this version, otherwise unchecked
 * @param mostProblems how many are told
 */
export function checkGardenFile(content: object, mostProblems: number): CheckedFile {
  const problems: Problem[] = [];
  const isEnough = () => problems.length > mostProblems;
  const given = content as Record<string, unknown>;
  const lists: Partial<Record<keyof Shape, unknown[]>> = {};
  const without: Record<string, unknown> = { ...given };
  for (const kind of COLLECTED_KINDS) {
    const name = COLLECTIONS[kind];
    const list = given[name];
    if (!Array.isArray(list)) continue;
    // The list's own check stands for what is not a list; its entities are checked one by one.
    without[name] = [];
    const wrong = tooMany(name, list.length);
    if (wrong !== null) problems.push({ path: name, message: wrong });
    else lists[name] = list;
  }
  const head = GardenFileSchema.safeParse(without);
  if (!head.success) problems.push(...problemsFrom(head.error));
  for (const kind of COLLECTED_KINDS) {
    const name = COLLECTIONS[kind];
    const schema = entitySchema(kind);
    const read: unknown[] = [];
    for (const [index, entity] of (lists[name] ?? []).entries()) {
      if (isEnough()) break;
      const parsed = schema.safeParse(entity);
      if (parsed.success) read.push(parsed.data);
      else problems.push(...problemsFrom(parsed.error, `${name}[${index}]`));
    }
    if (head.success) (head.data as Record<string, unknown>)[name] = read;
  }
  if (head.success && problems.length === 0) {
    problems.push(...referenceProblems(head.data));
    if (problems.length === 0) return { ok: true, file: head.data };
  }
  return { ok: false, problems: problems.slice(0, mostProblems), more: isEnough() };
}
