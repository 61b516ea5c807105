"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { startAfresh } from "./gardenTaken";
import { gardenFile as say } from "@/words/en/gardenFile";

/** Says that the garden here is the sample, with the way to one's own. */
export default function SampleNotice() {
  return (
    <Box
      role="note"
      sx={{
        display: "flex",
        flexWrap: "wrap",
        alignItems: "center",
        columnGap: 1.5,
        px: { xs: 1.5, md: 2.75 },
        py: 0.25,
        fontSize: 14.5,
        borderBottom: "1px solid var(--line)",
        color: "var(--ash-text)",
      }}
    >
      {say.thisIsAMadeUpSampleGardenToTry}
      <Button size="small" color="inherit" onClick={() => void startAfresh()}>
        {say.removeTheSampleAndStartMyGarden}
      </Button>
    </Box>
  );
}
