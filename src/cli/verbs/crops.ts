import { cropLibrary } from "@/core/crops";
import type { Verb } from "../verb";

export const crops: Verb = {
  name: "crops",
  usage: "crops",
  summary: "the crop library",
  positional: 0,
  options: [],
  run: () => ({ json: [...cropLibrary.values()] }),
};
