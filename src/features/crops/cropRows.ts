import { emergenceAt, sproutingRange, SPROUTING_TEMPERATURES_C, type Crop } from "@/core/crops";
import type { LocalWording } from "@/ui/wording";
import type { TermName } from "@/words/en/terms";
import { crops as say } from "@/words/en/crops";

/** A value of a crop in words, with the path its source stands under. */
export interface CropRow {
  what: string;
  value: string;
  path: string;
  /** A term in it that needs a word. */
  term?: TermName;
}

const SEASONS: Record<Crop["season"], string> = {
  beforeWinter: say.harvestBeforeDeepWinter,
  overwinters: say.overwintersForSpringHarvest,
  either: say.beforeOrThroughWinter,
  lateSummer: say.lateSummerCrop,
  indoors: say.indoorsAnyTime,
};
const HABITS: Record<Crop["harvest"]["habit"], string> = {
  cutAgain: say.cutAndComeAgain,
  outerLeaves: say.outerLeavesRepeatedly,
  wholePlant: say.theWholePlant,
  mainHead: say.theHeadThenSideShoots,
  pickedAgain: say.repeatedHarvest,
  lifted: say.lifted,
};
const TOLERANCES: Record<Crop["transplanting"]["tolerance"], string> = {
  usual: say.usual,
  possible: say.possible,
  never: say.noSowInPlace,
};

/** What there is to know about a crop, in the groups in which growers ask for it. */
export function cropRows(crop: Crop, wording: LocalWording): { title: string; rows: CropRow[] }[] {
  const { temperature, distanceCm, weightG } = wording;
  const percent = (share: number) => `${Math.round(share * 100)} %`;
  const range = sproutingRange(crop);
  const row = (what: string, value: string, path: string, term?: TermName): CropRow => ({
    what,
    value,
    path,
    term,
  });
  return [
    {
      title: say.growing,
      rows: [
        row(say.season, SEASONS[crop.season], ""),
        row(
          say.growthTemperatureMinimumBest,
          `${temperature(crop.temperature.minimumC)}, ${temperature(crop.temperature.optimumC)}, ${temperature(crop.temperature.ceilingC)}`,
          "temperature.optimumC",
        ),
        row(
          say.halfSpeedAtLightOf,
          say.molMADay({ lightHalfMol: crop.lightHalfMol }),
          "lightHalfMol",
        ),
        row(
          say.directSunNeeded,
          say.hoursADay({ directSunHoursNeeded: crop.directSunHoursNeeded }),
          "directSunHoursNeeded",
        ),
        row(say.feeds, crop.nutrientDemand, ""),
        ...(crop.winterNeeded
          ? [
              row(
                say.needsAWinterThen,
                say.packetDays2({ springPacketDays: crop.winterNeeded.springPacketDays }),
                "winterNeeded.springPacketDays",
              ),
            ]
          : []),
      ],
    },
    {
      title: say.cold,
      rows: [
        row(
          say.lt50BeforeAndAfterHardening,
          `${temperature(crop.hardiness.unhardenedLt50C)}, ${temperature(crop.hardiness.hardenedLt50C)}`,
          "hardiness.hardenedLt50C",
          "lethalTemperature",
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
      title: say.sowing,
      rows: [
        row(
          say.germinatesInSoilOf,
          say.to({ temperature: temperature(range.fromC), temperature2: temperature(range.toC) }),
          "sprouting.share",
        ),
        row(say.daysToEmergence, daysWords(crop, wording), "sprouting.days"),
        row(say.depth, distanceCm(crop.sowing.depthCm), "sowing.depthCm"),
        crop.piece
          ? row(say.weightPerPiece, weightG(crop.piece.grams), "piece.grams")
          : row(
              say.seedsByWeight,
              wording.perWeight(crop.sowing.seedsPerGram),
              "sowing.seedsPerGram",
            ),
        row(say.germinationWhenFresh, percent(crop.sowing.sproutShare), "sowing.sproutShare"),
        row(say.fieldEmergence, percent(crop.sowing.fieldShare), "sowing.fieldShare"),
        row(
          say.seedLifeHalf,
          say.years({ halfLifeYears: crop.sowing.halfLifeYears }),
          "sowing.halfLifeYears",
        ),
      ],
    },
    {
      title: say.spacingAndTransplanting,
      rows: [
        row(
          say.betweenRowsInTheRow,
          `${distanceCm(crop.spacing.rowCm)}, ${distanceCm(crop.spacing.inRowCm)}`,
          "spacing.rowCm",
        ),
        row(say.transplanting2, TOLERANCES[crop.transplanting.tolerance], ""),
        ...(crop.transplanting.tolerance === "never"
          ? []
          : [
              row(
                say.weeksAsASeedling,
                String(crop.transplanting.seedlingWeeks),
                "transplanting.seedlingWeeks",
              ),
            ]),
        ...(crop.tray
          ? [
              row(say.cell, wording.volumeL(crop.tray.cellMl / 1000), "tray.cellMl"),
              ...(crop.tray.clusterPlants
                ? [row(say.plantsPerStation, String(crop.tray.clusterPlants), "tray.clusterPlants")]
                : []),
            ]
          : []),
        ...(crop.lookAlike ? [row(say.looksLike, crop.lookAlike, "")] : []),
      ],
    },
    {
      title: say.harvest,
      rows: [
        row(say.how, HABITS[crop.harvest.habit], ""),
        row(
          say.harvestedOver,
          say.weeks({ spanWeeks: crop.harvest.spanWeeks }),
          "harvest.spanWeeks",
        ),
        row(
          say.holdsOnceReady,
          say.packetDays3({ standingPacketDays: crop.harvest.standingPacketDays }),
          "harvest.standingPacketDays",
        ),
        row(say.gives, wording.ratePerM2(crop.harvest.yieldKgPerM2 * 1000), "harvest.yieldKgPerM2"),
        ...(crop.storage
          ? [
              row(
                say.keeps,
                say.weeksAt({
                  weeks: crop.storage.weeks,
                  temperature: temperature(crop.storage.temperatureC),
                  air: crop.storage.air,
                }),
                "storage.weeks",
              ),
            ]
          : []),
        ...(crop.forcing
          ? [
              row(
                "Forced",
                say.weeksInTheDarkAt({
                  weeks: crop.forcing.weeks,
                  temperature: temperature(crop.forcing.temperatureC),
                }),
                "forcing.weeks",
              ),
            ]
          : []),
      ],
    },
  ];
}

const ORGANS: Record<Crop["hardiness"]["organs"][number]["organ"], string> = {
  seedling: say.asASeedling,
  head: say.theHead,
  flower: say.theFlower,
  pod: say.thePod,
  root: say.theRootInTheSoil,
};

/** "17 at 10 °C, 7 at 20 °C, 6 at 30 °C" */
function daysWords(crop: Crop, { temperature }: LocalWording): string {
  const said = SPROUTING_TEMPERATURES_C.filter((tempC) => tempC % 10 === 0).flatMap((tempC) => {
    const { days } = emergenceAt(crop, tempC);
    return days === null
      ? []
      : [say.at({ days: Math.round(days), temperature: temperature(tempC) })];
  });
  return said.join(", ");
}
