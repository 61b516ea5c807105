import type { Table } from "./table";

const FNV_PRIME = 16_777_619;
const [FIRST_BASIS, SECOND_BASIS] = [2_166_136_261, 3_339_675_911];

/**
 * A name for each row by what stands in it: the same row is the same thing, in whichever file it comes
 * again; rows alike are told apart by how often they came.
 */
export function rowIds({ rows }: Table): ReadonlyMap<number, string> {
  const times = new Map<string, number>();
  return new Map(
    rows.map(({ line, cells }) => {
      const content = cells.join("\u001f");
      const before = times.get(content) ?? 0;
      times.set(content, before + 1);
      const hash = `${hashed(content, FIRST_BASIS)}${hashed(content, SECOND_BASIS)}`;
      return [line, before === 0 ? hash : `${hash}-${before + 1}`];
    }),
  );
}

/** @source Fowler, Noll and Vo's hash, 1a, of 32 bits */
function hashed(text: string, basis: number): string {
  let hash = basis;
  for (let at = 0; at < text.length; at += 1) {
    hash = Math.imul(hash ^ text.charCodeAt(at), FNV_PRIME);
  }
  return (hash >>> 0).toString(36);
}
