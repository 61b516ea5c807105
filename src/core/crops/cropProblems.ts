import { packetEmergenceDays } from "./sprouting";
import type { Crop } from "./schema";

/** What does not fit together in a crop: the field's path, and what would be right. */
export interface CropProblem {
  path: string;
  message: string;
}

/** What is absurd about a crop's values, beyond what its schema refuses. */
export function cropProblems(crop: Crop): CropProblem[] {
  const { temperature, hardiness, varieties, spacing } = crop;
  const problems: [boolean, string, string][] = [
    [
      temperature.minimumC >= temperature.optimumC,
      "temperature.minimumC",
      "It should stop growing at a lower temperature than it grows best at.",
    ],
    [
      temperature.optimumC >= temperature.ceilingC,
      "temperature.ceilingC",
      "It should be too hot at a higher temperature than it grows best at.",
    ],
    [
      hardiness.hardenedLt50C >= hardiness.unhardenedLt50C,
      "hardiness.hardenedLt50C",
      "Hardened, a crop stands more cold than soft: give a lower temperature.",
    ],
    [
      spacing.inRowCm > spacing.rowCm,
      "spacing.inRowCm",
      "Plants stand closer in the row than the rows do: are the two swapped?",
    ],
    [
      crop.sprouting.days.every((days) => days === null),
      "sprouting.days",
      "It never comes up: give days for at least one temperature.",
    ],
  ];
  varieties.forEach((variety, index) => {
    const at = `varieties.${index}`;
    problems.push(
      [
        (variety.hardenedLt50C ?? hardiness.hardenedLt50C) >= hardiness.unhardenedLt50C,
        `${at}.hardenedLt50C`,
        "Hardened, a variety stands more cold than the soft crop: give a lower temperature.",
      ],
      [
        variety.packetDays <= packetEmergenceDays(crop),
        `${at}.packetDays`,
        `${crop.name} takes about ${Math.round(packetEmergenceDays(crop))} days to come up: it cannot be ready before.`,
      ],
    );
  });
  return problems.flatMap(([is, path, message]) => (is ? [{ path, message }] : []));
}
