import { decoded } from "@/core/encoding";

/** A chosen file's text, in whichever of the usual encodings it is written. */
export async function textOf(file: Blob): Promise<string> {
  return decoded(new Uint8Array(await file.arrayBuffer()));
}
