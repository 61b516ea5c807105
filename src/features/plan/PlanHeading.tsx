"use client";

import NextLink from "next/link";
import { memo } from "react";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import type { School } from "@/core/growth";
import { gardenStore } from "@/store";
import { setView } from "@/ui/viewState";
import type { Grouping } from "./strands/useStrands";
import { plan as say } from "@/words/en/plan";

interface Props {
  grouping: Grouping;
  onGrouping: (grouping: Grouping) => void;
  school: School;
}

/** The view's name and its three choices: how to group, how to count, what is wanted. */
export const PlanHeading = memo(function PlanHeading({ grouping, onGrouping, school }: Props) {
  return (
    <Box
      sx={{
        display: "flex",
        flexWrap: "wrap",
        alignItems: "center",
        gap: 1.25,
        px: 2,
        pt: { xs: 1, md: 1.75 },
        pb: { xs: 0.5, md: 1 },
      }}
    >
      <Typography variant="h1" sx={{ mr: "auto" }}>
        {say.plan}
      </Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label={say.groupBy}
        value={grouping}
        onChange={(_event, value: Grouping | null) => value && onGrouping(value)}
        sx={{ display: { xs: "none", sm: "inline-flex" } }}
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
        sx={{ display: { xs: "none", sm: "inline-flex" } }}
      >
        <ToggleButton value="growth">{say.growth}</ToggleButton>
        <ToggleButton value="tenhour">{say.tenHourDay}</ToggleButton>
        <ToggleButton value="calendar">{say.calendarDays}</ToggleButton>
      </ToggleButtonGroup>
      <Button component={NextLink} href="/plan/rehearse" color="inherit" variant="outlined">
        {say.rehearse}
      </Button>
      <Button color="inherit" variant="outlined" onClick={() => setView({ sowingToday: true })}>
        {say.sowNow}
      </Button>
      <Button variant="contained" onClick={() => setView({ wish: {} })}>
        {say.iWant}
      </Button>
    </Box>
  );
});
