import practiceJson from "@data/practice.json";
import { cropLibrary } from "../crops";
import { NO_CHOICE, type BedOnEvening, type Choice, type Evening } from "./evening";

/** What saves less is not worth carrying out, as a share of a planting. */
const WORTH_SAVING = 0.05;
/** What is likely lost whatever is done is picked. */
const LOST_FROM = 0.35;

/**
 * What the program itself would decide on an evening: cloths where they save most, everything picked that
 * would be lost all the same, lids open on bright days, water in the morning, and empty beds sown at once
 * with what is hardiest, under frames with what is tenderest.
 */
export function toolChoice(evening: Evening): Choice {
  const { asks, beds, cloths } = evening;
  const has = (offer: (typeof asks)[number]) => asks.includes(offer);
  const covered = has("cover")
    ? [...beds]
        .filter((bed) => savesShare(bed) >= WORTH_SAVING)
        .sort((a, b) => savesKg(b) - savesKg(a))
        .slice(0, cloths)
        .map(({ id }) => id)
    : [];
  const picked = has("pick")
    ? beds.filter((bed) => {
        const risk = covered.includes(bed.id) ? bed.riskUnderCloth : bed.risk;
        return bed.readyKg > 0 && risk >= LOST_FROM;
      })
    : [];
  return {
    ...NO_CHOICE,
    cover: covered.filter((id) => !picked.some((bed) => bed.id === id)),
    pick: picked.map(({ id }) => id),
    lid: lidFor(evening),
    sow: has("sow") ? sowings(evening) : [],
    water: has("water") ? "morning" : "none",
  };
}

/** What a grower who does nothing decides: lids stay shut, nothing is covered, picked in time or sown. */
export function noChoice(evening: Evening): Choice {
  return { ...NO_CHOICE, lid: evening.asks.includes("lid") ? "shut" : null };
}

function lidFor({ asks, shutMaxC }: Evening): Choice["lid"] {
  if (!asks.includes("lid")) return null;
  return (shutMaxC ?? 0) >= practiceJson.dullShutC ? "open" : "shut";
}

const savesShare = ({ risk, riskUnderCloth }: BedOnEvening) => risk - riskUnderCloth;
const savesKg = (bed: BedOnEvening) => savesShare(bed) * Math.max(bed.readyKg, bed.sizeShare);

function sowings({ beds, sowable }: Evening): Choice["sow"] {
  const byHardiness = [...sowable].sort((a, b) => hardestC(a) - hardestC(b));
  const hardy = byHardiness[0];
  if (hardy === undefined) return [];
  return beds
    .filter(({ cropId }) => cropId === null)
    .map(({ id }) => ({ bedId: id, cropId: hardy }));
}

const hardestC = (cropId: string) => cropLibrary.get(cropId)?.hardiness.hardenedLt50C ?? 0;
