"use client";

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
        Plan
      </Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label="Group by"
        value={grouping}
        onChange={(_event, value: Grouping | null) => value && onGrouping(value)}
        sx={{ display: { xs: "none", sm: "inline-flex" } }}
      >
        <ToggleButton value="bed">By bed</ToggleButton>
        <ToggleButton value="crop">By crop</ToggleButton>
      </ToggleButtonGroup>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label="Count by"
        value={school}
        onChange={(_event, value: School | null) =>
          value && void gardenStore().dispatch("settings.set", { school: value })
        }
        sx={{ display: { xs: "none", sm: "inline-flex" } }}
      >
        <ToggleButton value="growth">Growth</ToggleButton>
        <ToggleButton value="tenhour">Ten-hour day</ToggleButton>
        <ToggleButton value="calendar">Calendar</ToggleButton>
      </ToggleButtonGroup>
      <Button color="inherit" variant="outlined" onClick={() => setView({ sowingToday: true })}>
        Sow now…
      </Button>
      <Button variant="contained" onClick={() => setView({ wish: {} })}>
        I want…
      </Button>
    </Box>
  );
});
