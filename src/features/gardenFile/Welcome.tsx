"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import NextLink from "next/link";
import { chooseGardenFile, loadDemoGarden } from "./gardenTaken";
import { gardenFile as say } from "@/words/en/gardenFile";

/** What an empty browser shows: what this is for, and the three ways in. */
export default function Welcome({ onStart }: { onStart: () => void }) {
  return (
    <Box sx={{ height: "100%", overflowY: "auto", display: "grid", placeItems: "center", p: 3 }}>
      <Box sx={{ maxWidth: 560 }}>
        <Typography variant="h1" sx={{ fontSize: "2.4rem" }}>
          {say.harvestThroughWinter}
        </Typography>
        <Typography sx={{ mt: 2, fontSize: 17 }}>{say.setYourLocationAndLateEmber}</Typography>
        <Box sx={{ mt: 3, display: "flex", flexWrap: "wrap", gap: 1.5 }}>
          <Button variant="contained" size="large" onClick={onStart}>
            {say.startWithMyLocation}
          </Button>
          <Button variant="outlined" size="large" onClick={() => void loadDemoGarden()}>
            {say.exploreTheSampleGarden}
          </Button>
          <Button size="large" onClick={chooseGardenFile}>
            {say.importAGardenFile2}
          </Button>
          <Button size="large" component={NextLink} href="/practise">
            {say.practiseAWinter}
          </Button>
        </Box>
      </Box>
    </Box>
  );
}
