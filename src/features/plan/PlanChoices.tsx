"use client";

import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import type { School } from "@/core/growth";
import { gardenStore } from "@/store";
import type { Grouping } from "./strands/useStrands";
import { plan as say } from "@/words/en/plan";

interface Props {
  grouping: Grouping;
  onGrouping: (grouping: Grouping) => void;
  school: School;
}

/** How the plan's strands are grouped, and by which school the days to harvest are counted. */
export default function PlanChoices({ grouping, onGrouping, school }: Props) {
  return (
    <>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label={say.groupBy}
        value={grouping}
        onChange={(_event, value: Grouping | null) => value && onGrouping(value)}
      >
        <ToggleButton value="bed">{say.byBed}</ToggleButton>
        <ToggleButton value="crop">{say.byCrop}</ToggleButton>
      </ToggleButtonGroup>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label={say.datesBy}
        value={school}
        onChange={(_event, value: School | null) =>
          value && void gardenStore().dispatch("settings.set", { school: value })
        }
      >
        <ToggleButton value="growth">{say.growth}</ToggleButton>
        <ToggleButton value="tenhour">{say.tenHourDay}</ToggleButton>
        <ToggleButton value="calendar">{say.calendarDays}</ToggleButton>
      </ToggleButtonGroup>
    </>
  );
}
