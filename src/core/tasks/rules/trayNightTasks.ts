import hardeningJson from "@data/hardening.json";
import { dayNumber, isoDate, type DayNumber } from "../../calendar";
import { hardinessRange, lt50At } from "../../crops";
import { fact } from "../../facts";
import { expectedDay } from "../../frostNight";
import { OUTDOOR_COVERS, sowingStates, type SowingState } from "../../propagation";
import { thumbGainAtC } from "../../shelter";
import { seedlingsIn, standOn, type Tray } from "../../trays";
import { PLAIN, type Round, type Task } from "../task";

const { nightC, aboveLethalC, soft, potsTake } = hardeningJson.limits;
/** Whole days outdoors after which seedlings are as hard as they get. */
const HARD_AFTER_DAYS = hardeningJson.hoursOutdoors.length * 2;

/** Trays outdoors or in a frame that the night to come would hurt: carried in before dark. */
export function trayNightTasks(round: Round): Task[] {
  const { garden, site, day } = round;
  const outlook = garden.outlook?.outlook.days ?? [];
  const outsideC = expectedDay(site, outlook, day + 1).minTempC;
  const byTray = new Map<Tray, SowingState[]>();
  for (const state of sowingStates(garden, site, day)) {
    const isUp = state.emergeDay !== null && state.emergeDay <= day;
    if (!isUp || state.sowing.cells.length === 0 || seedlingsIn(state.sowing) === 0) continue;
    byTray.set(state.tray, [...(byTray.get(state.tray) ?? []), state]);
  }
  return [...byTray].flatMap(([tray, states]): Task[] => {
    const stand = garden.stands.get(standOn(tray, isoDate(day)) ?? "");
    const covers = stand && OUTDOOR_COVERS[stand.kind];
    if (!covers) return [];
    const nightAtTrayC = outsideC + thumbGainAtC(covers, outsideC);
    const daysOut = daysThere(tray, day);
    const bearsC = Math.max(...states.map((state) => hurtAtC(state, daysOut)));
    if (nightAtTrayC > bearsC) return [];
    return [
      {
        ...PLAIN,
        id: `${tray.id}-carryIn-${isoDate(day)}`,
        kind: "carryIn",
        subject: tray.name,
        place: stand.name,
        fromDay: day,
        untilDay: day,
        reason: fact("tasks.theTrayWouldStandAt", { tempC: nightAtTrayC, bearsC }),
        endsWhen: fact("tasks.itIsDoneBeforeDark"),
        ifLeft: fact("tasks.theNightTakesIt"),
      },
    ];
  });
}

/** The night that begins to hurt seedlings in their cells, °C: soft ones any frost, hard ones near their limit. */
function hurtAtC({ crop, sowing }: SowingState, daysOut: number): number {
  const variety = crop.varieties.find(({ id }) => id === sowing.varietyId) ?? null;
  const hardened = Math.min(1, daysOut / HARD_AFTER_DAYS);
  // Roots in cells freeze through where those in the ground do not: they bear less.
  const lethalC = lt50At(hardinessRange(crop, variety), hardened) + potsTake;
  const limitC = lethalC + aboveLethalC;
  return daysOut < soft.days ? Math.max(nightC, limitC) : limitC;
}

/** Whole days since the tray came to where it stands. */
function daysThere({ stays }: Tray, day: DayNumber): number {
  const came = stays.findLast(({ from }) => dayNumber(from) <= day);
  return came ? day - dayNumber(came.from) : 0;
}
