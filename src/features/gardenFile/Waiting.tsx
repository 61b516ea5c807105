"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { FrameGrid, Rail, ReloadButton, type RailEntry } from "@/ui/frame/index";
import type { GardenState } from "@/store/index";
import { saveEverything } from "./saveEverything";
import { gardenFile as say } from "@/words/en/gardenFile";
import { waiting as waitingSay } from "@/words/en/waiting";

interface Props {
  entries: readonly RailEntry[];
  current: string;
  /** `slow`: the browser has not given the garden back for long. */
  status: GardenState["status"] | "slow";
  /** What the view showed last, drawn by the page itself until the garden is there. */
  picture: ReactNode;
}

/** The frame before the garden is there: at once, also where the program comes slowly. */
export function Waiting({ entries, current, status, picture }: Props) {
  return (
    <FrameGrid
      top={<Name />}
      rail={<Rail entries={entries} current={current} />}
      view={
        <Box sx={{ position: "relative", height: "100%", p: { xs: 2, md: 2.75 } }}>
          {VIEWS[status]}
          {(status === "opening" || status === "ready") && picture}
        </Box>
      }
      inspector={null}
      ribbon={<Box sx={{ height: "100%", bgcolor: "#1b1715" }} />}
    />
  );
}

const VIEWS: Record<Props["status"], ReactNode> = {
  opening: <Placeholder />,
  ready: <Placeholder />,
  waiting: (
    <Told title={waitingSay.lateEmberIsOpenInAnotherTab}>
      {waitingSay.theOtherTabIsOlderAndHoldsThe}
    </Told>
  ),
  slow: (
    <Told title={waitingSay.theGardenTakesLongToOpen}>
      {waitingSay.thisBrowserHasNotHandedOverTheGardenYet}
      <WaysOn />
    </Told>
  ),
  newer: (
    <Told title={waitingSay.thisGardenWasMadeByANewerLateEmber}>
      {waitingSay.thisPageIsOlderThanTheGardenInThis}
      <WaysOn />
    </Told>
  ),
};

function WaysOn() {
  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, mt: 2.5 }}>
      <ReloadButton variant="contained" size="large" />
      <Button variant="outlined" size="large" onClick={() => void saveEverything()}>
        {say.saveEverythingAsAFile}
      </Button>
    </Box>
  );
}

function Told({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box role="alert" sx={{ maxWidth: 620, fontSize: 17, lineHeight: 1.5 }}>
      <Typography variant="h1" sx={{ mb: 1.5 }}>
        {title}
      </Typography>
      {children}
    </Box>
  );
}

/** Where words will stand; nothing moves, so that nobody takes it for something that is there. */
function Placeholder() {
  return (
    <Box role="status" aria-label={waitingSay.openingTheGarden}>
      {["38%", "72%", "64%", "70%", "48%"].map((width, index) => (
        <Box
          key={width}
          aria-hidden
          sx={{
            width,
            maxWidth: 640,
            height: index === 0 ? 30 : 16,
            mb: index === 0 ? 3 : 2,
            borderRadius: 1,
            bgcolor: "var(--line)",
          }}
        />
      ))}
    </Box>
  );
}

function Name() {
  return (
    <Box
      sx={{
        height: "100%",
        display: "flex",
        alignItems: "center",
        px: { xs: 1, md: 2 },
        fontFamily: "var(--font-heading)",
        fontWeight: 700,
        fontSize: 19,
      }}
    >
      {waitingSay.lateEmber}
    </Box>
  );
}
