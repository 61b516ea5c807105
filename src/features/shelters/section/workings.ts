import { SHUT, VENTED, type Vent, type Working } from "@/core/shelter";
import type { LocalWording } from "@/ui/wording";
import { shelters as say } from "@/words/en/shelters";

/** A way to work a stack of covers, to look at what it does. */
export interface WayOfWorking {
  key: string;
  words: string;
  working: Working;
}

/** As it is built and worked, and other ways to compare with. */
export function waysOfWorking(built: Working, wording: LocalWording): WayOfWorking[] {
  return [
    { key: "built", words: say.asSetUp({ ventWay: ventWay(built.vent, wording) }), working: built },
    { key: "shut", words: say.closedAllDay, working: SHUT },
    {
      key: "byHand",
      words: say.byHand1000To1500,
      working: { ...SHUT, vent: { kind: "manual", fromHour: 10, toHour: 15, share: 0.5 } },
    },
    { key: "night", words: say.innerCoversAtNight, working: { ...VENTED, nightCovers: true } },
    { key: "snow", words: say.underSnow, working: { ...SHUT, snow: true } },
  ];
}

/** How vents are worked, in few words. */
export function ventWay(vent: Vent, wording: LocalWording): string {
  switch (vent.kind) {
    case "shut":
      return say.alwaysClosed2;
    case "automatic":
      return say.ventedAbove({ temperature: wording.temperature(vent.opensAtC) });
    case "manual":
      return say.open00To00({ fromHour: vent.fromHour, toHour: vent.toHour });
  }
}
