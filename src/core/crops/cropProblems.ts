import { packetEmergenceDays } from "./sprouting";
import type { Crop } from "./schema";
import { fact, type Fact } from "../facts";

/** What does not fit together in a crop: the field's path, and what would be right. */
export interface CropProblem {
  path: string;
  message: Fact;
}

/** What is absurd about a crop's values, beyond what its schema refuses. */
export function cropProblems(crop: Crop): CropProblem[] {
  const { temperature, hardiness, varieties, spacing } = crop;
  const problems: [boolean, string, Fact][] = [
    [
      temperature.minimumC >= temperature.optimumC,
      "temperature.minimumC",
      fact("crops.itShouldStopGrowingAtALower"),
    ],
    [
      temperature.optimumC >= temperature.ceilingC,
      "temperature.ceilingC",
      fact("crops.itShouldBeTooHotAtAHigher"),
    ],
    [
      hardiness.hardenedLt50C >= hardiness.unhardenedLt50C,
      "hardiness.hardenedLt50C",
      fact("crops.aHardenedCropSurvivesMoreColdThan"),
    ],
    [
      spacing.inRowCm > spacing.rowCm,
      "spacing.inRowCm",
      fact("crops.plantsAreFurtherApartInTheRowThan"),
    ],
    [
      crop.sprouting.days.every((days) => days === null),
      "sprouting.days",
      fact("crops.itNeverGerminatesEnterDaysForAt"),
    ],
  ];
  varieties.forEach((variety, index) => {
    const at = `varieties.${index}`;
    problems.push(
      [
        (variety.hardenedLt50C ?? hardiness.hardenedLt50C) >= hardiness.unhardenedLt50C,
        `${at}.hardenedLt50C`,
        fact("crops.aHardenedVarietySurvivesMoreCold"),
      ],
      [
        variety.packetDays <= packetEmergenceDays(crop),
        `${at}.packetDays`,
        fact("crops.takesAboutDaysToComeUpItCannotBe", {
          crop: crop.name,
          packetEmergenceDays: packetEmergenceDays(crop),
        }),
      ],
    );
  });
  return problems.flatMap(([is, path, message]) => (is ? [{ path, message }] : []));
}
