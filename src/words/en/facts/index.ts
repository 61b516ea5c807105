import type { Facts } from "@/core/facts";
import type { Sentences } from "../../sentences";
import { bedCare } from "./bedCare";
import { bedSpace } from "./bedSpace";
import { bringIn } from "./bringIn";
import { calendar } from "./calendar";
import { climate } from "./climate";
import { commands } from "./commands";
import { containers } from "./containers";
import { crops } from "./crops";
import { food } from "./food";
import { formats } from "./formats";
import { frostNight } from "./frostNight";
import { garden } from "./garden";
import { gardenFile } from "./gardenFile";
import { layout } from "./layout";
import { log } from "./log";
import { logbook } from "./logbook";
import { naming } from "./naming";
import { plantings } from "./plantings";
import { schedule } from "./schedule";
import { seedBox } from "./seedBox";
import { shelter } from "./shelter";
import { sky } from "./sky";
import { soil } from "./soil";
import { supply } from "./supply";
import { tasks } from "./tasks";
import { trays } from "./trays";
import { weatherFiles } from "./weatherFiles";
import { winter } from "./winter";

/** Every fact of the core as a sentence. */
export const sentences: Sentences<Facts> = {
  ...bedCare,
  ...bedSpace,
  ...bringIn,
  ...calendar,
  ...climate,
  ...commands,
  ...containers,
  ...crops,
  ...food,
  ...formats,
  ...frostNight,
  ...garden,
  ...gardenFile,
  ...layout,
  ...log,
  ...logbook,
  ...naming,
  ...plantings,
  ...schedule,
  ...seedBox,
  ...shelter,
  ...sky,
  ...soil,
  ...supply,
  ...tasks,
  ...trays,
  ...weatherFiles,
  ...winter,
};
