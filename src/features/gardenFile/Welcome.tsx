"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { chooseGardenFile, loadDemoGarden } from "./gardenTaken";

/** What an empty browser shows: what this is for, and the three ways in. */
export default function Welcome({ onStart }: { onStart: () => void }) {
  return (
    <Box sx={{ height: "100%", overflowY: "auto", display: "grid", placeItems: "center", p: 3 }}>
      <Box sx={{ maxWidth: 560 }}>
        <Typography variant="h1" sx={{ fontSize: "2.4rem" }}>
          Harvest through winter
        </Typography>
        <Typography sx={{ mt: 2, fontSize: 17 }}>
          Say where you garden, and Late Ember reckons when each crop must be sown so that it is
          ready before the light goes: by day length, frost odds and what each day is worth to the
          crop. Everything stays in this browser; you can save it as a file.
        </Typography>
        <Box sx={{ mt: 3, display: "flex", flexWrap: "wrap", gap: 1.5 }}>
          <Button variant="contained" size="large" onClick={onStart}>
            Start with my place
          </Button>
          <Button variant="outlined" size="large" onClick={() => void loadDemoGarden()}>
            Look around the demo garden
          </Button>
          <Button size="large" onClick={chooseGardenFile}>
            Import a garden file
          </Button>
        </Box>
      </Box>
    </Box>
  );
}
