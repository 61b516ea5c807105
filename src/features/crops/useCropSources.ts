"use client";

import { useEffect, useState } from "react";
import { readCropSources } from "@/core/crops";
import { whenNeeded } from "@/store/index";

const sourcesPart = whenNeeded(() =>
  Promise.all([readCropSources(), import("@data/sources.json")]),
);

type Sources = Readonly<Record<string, string>>;

const NONE: Sources = {};

/**
 * Where the values of a crop come from, in words by path; read when a page asks for them.
 *
 * @param own the grower's own crop is the grower's word for all of its values
 */
export function useCropSources(cropId: string, own: boolean): (path: string) => string | undefined {
  const [read, setRead] = useState<{ paths: Sources; words: Sources } | null>(null);
  useEffect(() => {
    let wanted = true;
    void sourcesPart().then(([sources, { default: words }]) => {
      if (wanted) setRead({ paths: sources[cropId] ?? NONE, words });
    });
    return () => {
      wanted = false;
    };
  }, [cropId]);
  return (path) => {
    if (own || path === "" || !read) return undefined;
    return read.words[read.paths[path] ?? ""];
  };
}
