"use client";

import NextLink from "next/link";
import { memo } from "react";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useTheme } from "@mui/material/styles";
import useMediaQuery from "@mui/material/useMediaQuery";
import type { School } from "@/core/growth";
import { lazyPart } from "@/ui/frame";
import { setView } from "@/ui/viewState";
import type { Grouping } from "./strands/useStrands";
import { plan as say } from "@/words/en/plan";

// A phone has no room for them, and fetches them for nobody.
const PlanChoices = lazyPart(() => import("./PlanChoices"));

interface Props {
  grouping: Grouping;
  onGrouping: (grouping: Grouping) => void;
  school: School;
}

/** On a phone the name and its buttons stand in one line. */
const SLIM = { px: { xs: 1.25, md: 2 } };

/** The view's name and its three choices: how to group, how to count, what is wanted. */
export const PlanHeading = memo(function PlanHeading({ grouping, onGrouping, school }: Props) {
  const theme = useTheme();
  const isWide = useMediaQuery(theme.breakpoints.up("sm"), { noSsr: true });
  return (
    <Box
      sx={{
        display: "flex",
        flexWrap: "wrap",
        alignItems: "center",
        gap: { xs: 0.75, md: 1.25 },
        px: 2,
        pt: { xs: 1, md: 1.75 },
        pb: { xs: 0.5, md: 1 },
      }}
    >
      <Typography variant="h1" sx={{ mr: "auto" }}>
        {say.plan}
      </Typography>
      {isWide && <PlanChoices grouping={grouping} onGrouping={onGrouping} school={school} />}
      <Button
        component={NextLink}
        href="/plan/rehearse"
        color="inherit"
        variant="outlined"
        sx={SLIM}
      >
        {say.rehearse}
      </Button>
      <Button
        color="inherit"
        variant="outlined"
        sx={SLIM}
        onClick={() => setView({ sowingToday: true })}
      >
        {say.sowNow}
      </Button>
      <Button variant="contained" sx={SLIM} onClick={() => setView({ wish: {} })}>
        {say.iWant}
      </Button>
    </Box>
  );
});
