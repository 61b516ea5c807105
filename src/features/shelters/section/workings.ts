import { SHUT, VENTED, type Vent, type Working } from "@/core/shelter";
import type { LocalWording } from "@/ui/wording";

/** A way to work a stack of covers, to look at what it does. */
export interface WayOfWorking {
  key: string;
  words: string;
  working: Working;
}

/** As it is built and worked, and other ways to compare with. */
export function waysOfWorking(built: Working, wording: LocalWording): WayOfWorking[] {
  return [
    { key: "built", words: `as built: ${ventWay(built.vent, wording)}`, working: built },
    { key: "shut", words: "shut all day", working: SHUT },
    {
      key: "byHand",
      words: "by hand, 10 to 15 o'clock",
      working: { ...SHUT, vent: { kind: "manual", fromHour: 10, toHour: 15, share: 0.5 } },
    },
    { key: "night", words: "inner covers at night", working: { ...VENTED, nightCovers: true } },
    { key: "snow", words: "under snow", working: { ...SHUT, snow: true } },
  ];
}

/** How vents are worked, in few words. */
export function ventWay(vent: Vent, wording: LocalWording): string {
  switch (vent.kind) {
    case "shut":
      return "never opened";
    case "automatic":
      return `aired from ${wording.temperature(vent.opensAtC)} on`;
    case "manual":
      return `open ${vent.fromHour} to ${vent.toHour} o'clock`;
  }
}
