import { emergenceAt, sproutingRange, SPROUTING_TEMPERATURES_C, type Crop } from "@/core/crops";
import type { LocalWording } from "@/ui/wording";

/** A value of a crop in words, with the path its source stands under. */
export interface CropRow {
  what: string;
  value: string;
  path: string;
}

const SEASONS: Record<Crop["season"], string> = {
  beforeWinter: "to eat before deep winter",
  overwinters: "stands through winter, crops in spring",
  either: "before winter, or through it",
  lateSummer: "summer crop, squeezed in late",
  indoors: "indoors at any time",
};
const HABITS: Record<Crop["harvest"]["habit"], string> = {
  cutAgain: "cut and comes again",
  outerLeaves: "outer leaves, again and again",
  wholePlant: "the whole plant",
  mainHead: "the head, then side shoots",
  pickedAgain: "picked again and again",
  lifted: "lifted",
};
const TOLERANCES: Record<Crop["transplanting"]["tolerance"], string> = {
  usual: "usual",
  possible: "possible",
  never: "not: sow it where it stays",
};

/** What there is to know about a crop, in the groups in which growers ask for it. */
export function cropRows(crop: Crop, wording: LocalWording): { title: string; rows: CropRow[] }[] {
  const { temperature, number, distanceCm, weightG } = wording;
  const percent = (share: number) => `${Math.round(share * 100)} %`;
  const range = sproutingRange(crop);
  const row = (what: string, value: string, path: string): CropRow => ({ what, value, path });
  return [
    {
      title: "Growing",
      rows: [
        row("Season", SEASONS[crop.season], ""),
        row(
          "Grows from, best at, up to",
          `${temperature(crop.temperature.minimumC)}, ${temperature(crop.temperature.optimumC)}, ${temperature(crop.temperature.ceilingC)}`,
          "temperature.optimumC",
        ),
        row("Half speed at light of", `${crop.lightHalfMol} mol/m² a day`, "lightHalfMol"),
        row(
          "Direct sun wanted",
          `${crop.directSunHoursNeeded} hours a day`,
          "directSunHoursNeeded",
        ),
        row("Feeds", crop.nutrientDemand, ""),
        ...(crop.winterNeeded
          ? [
              row(
                "Needs a winter, then",
                `${crop.winterNeeded.springPacketDays} packet days`,
                "winterNeeded.springPacketDays",
              ),
            ]
          : []),
      ],
    },
    {
      title: "Cold",
      rows: [
        row(
          "Half die at, soft and hardened",
          `${temperature(crop.hardiness.unhardenedLt50C)}, ${temperature(crop.hardiness.hardenedLt50C)}`,
          "hardiness.hardenedLt50C",
        ),
        ...crop.hardiness.organs.map((organ, index) =>
          row(
            ORGANS[organ.organ],
            `${temperature(organ.unhardenedLt50C)}, ${temperature(organ.hardenedLt50C)}`,
            `hardiness.organs.${index}.hardenedLt50C`,
          ),
        ),
      ],
    },
    {
      title: "Sowing",
      rows: [
        row(
          "Comes up in soil of",
          `${temperature(range.fromC)} to ${temperature(range.toC)}`,
          "sprouting.share",
        ),
        row("Days until up", daysWords(crop, wording), "sprouting.days"),
        row("Depth", distanceCm(crop.sowing.depthCm), "sowing.depthCm"),
        crop.piece
          ? row("A piece weighs", weightG(crop.piece.grams), "piece.grams")
          : row("Seeds a gram", number(crop.sowing.seedsPerGram), "sowing.seedsPerGram"),
        row("Sprouts when fresh", percent(crop.sowing.sproutShare), "sowing.sproutShare"),
        row("Comes to stand in the field", percent(crop.sowing.fieldShare), "sowing.fieldShare"),
        row("Loses half in", `${crop.sowing.halfLifeYears} years`, "sowing.halfLifeYears"),
      ],
    },
    {
      title: "Standing and transplanting",
      rows: [
        row(
          "Rows, in the row",
          `${distanceCm(crop.spacing.rowCm)}, ${distanceCm(crop.spacing.inRowCm)}`,
          "spacing.rowCm",
        ),
        row("Transplanting", TOLERANCES[crop.transplanting.tolerance], ""),
        ...(crop.transplanting.tolerance === "never"
          ? []
          : [
              row(
                "Weeks as a seedling",
                String(crop.transplanting.seedlingWeeks),
                "transplanting.seedlingWeeks",
              ),
            ]),
        ...(crop.tray
          ? [
              row("Cell", wording.volumeL(crop.tray.cellMl / 1000), "tray.cellMl"),
              ...(crop.tray.clusterPlants
                ? [row("In clusters of", String(crop.tray.clusterPlants), "tray.clusterPlants")]
                : []),
            ]
          : []),
        ...(crop.lookAlike ? [row("Looks like any", crop.lookAlike, "")] : []),
      ],
    },
    {
      title: "Harvest",
      rows: [
        row("How", HABITS[crop.harvest.habit], ""),
        row("Picked over", `${crop.harvest.spanWeeks} weeks`, "harvest.spanWeeks"),
        row(
          "Stands once ready",
          `${crop.harvest.standingPacketDays} packet days`,
          "harvest.standingPacketDays",
        ),
        row("Gives", `${weightG(crop.harvest.yieldKgPerM2 * 1000)} a m²`, "harvest.yieldKgPerM2"),
        ...(crop.storage
          ? [
              row(
                "Keeps",
                `${crop.storage.weeks} weeks at ${temperature(crop.storage.temperatureC)}, ${crop.storage.air}`,
                "storage.weeks",
              ),
            ]
          : []),
        ...(crop.forcing
          ? [
              row(
                "Forced",
                `${crop.forcing.weeks} weeks in the dark at ${temperature(crop.forcing.temperatureC)}`,
                "forcing.weeks",
              ),
            ]
          : []),
      ],
    },
  ];
}

const ORGANS: Record<Crop["hardiness"]["organs"][number]["organ"], string> = {
  seedling: "As a seedling",
  head: "The head",
  flower: "The flower",
  pod: "The pod",
  root: "The root in the soil",
};

/** "17 at 10 °C, 7 at 20 °C, 6 at 30 °C" */
function daysWords(crop: Crop, { temperature }: LocalWording): string {
  const said = SPROUTING_TEMPERATURES_C.filter((tempC) => tempC % 10 === 0).flatMap((tempC) => {
    const { days } = emergenceAt(crop, tempC);
    return days === null ? [] : [`${Math.round(days)} at ${temperature(tempC)}`];
  });
  return said.join(", ");
}
