/**
 * Where each value of each crop of the library comes from: ids of `data/sources.json` by crop and by
 * the value's path. Read only when asked for: planning needs none of it.
 */
export async function readCropSources() {
  const { cropSources } = await import("./sourceFiles");
  return cropSources;
}
