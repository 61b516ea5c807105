import * as Automerge from "@automerge/automerge/slim";

/** A garden as the engine keeps it: under each entity's key its fields, or the whole of it, as texts. */
export type Kept = Record<string, KeptEntity>;
export type KeptEntity = Automerge.ImmutableString | Record<string, Automerge.ImmutableString>;
export type Doc = Automerge.Doc<Kept>;

let opening: Promise<void> | null = null;

/**
 * Makes the engine ready: a WebAssembly of some megabytes, once for each worker or process.
 *
 * @param wasm its bytes, or where they are served
 */
export function openEngine(wasm: () => Promise<Uint8Array> | string): Promise<void> {
  opening ??= (async () => {
    await Automerge.initializeWasm(wasm());
  })();
  return opening;
}

export { Automerge };
