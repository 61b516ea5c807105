"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import Link from "next/link";
import type { Garden } from "@/core/garden";
import { setView } from "@/ui/viewState";
import { emptyPlan as say } from "@/words/en/emptyPlan";

/** What to do first: the place, then beds, then something to eat. */
export default function EmptyPlan({ garden }: { garden: Garden }) {
  const step = !garden.place ? "place" : garden.beds.size === 0 ? "beds" : "plantings";
  return (
    <Box sx={{ height: "100%", overflowY: "auto", px: { xs: 2, md: 4 }, pt: 3 }}>
      <Typography variant="h1">{say.plan}</Typography>
      <Box sx={{ maxWidth: 560, mt: 2, fontSize: 17 }}>
        {step === "place" && (
          <>
            <p>{say.setYourLocationFirstLatitudeAFew}</p>
            <Button component={Link} href="/place" variant="contained" size="large">
              {say.setLocation}
            </Button>
          </>
        )}
        {step === "beds" && (
          <>
            <p>{say.nextAddYourBedsHowManyHowLongAnd}</p>
            <Button variant="contained" size="large" onClick={() => setView({ addingBeds: true })}>
              {say.addBeds}
            </Button>
          </>
        )}
        {step === "plantings" && (
          <>
            <p>{say.nothingIsPlannedYetChooseACropAnd}</p>
            <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5 }}>
              <Button variant="contained" size="large" onClick={() => setView({ wish: {} })}>
                {say.iWant}
              </Button>
              <Button
                variant="outlined"
                size="large"
                onClick={() => setView({ wish: { mode: "sowOn" } })}
              >
                {say.ifISowToday}
              </Button>
              <Button size="large" onClick={() => setView({ addingBeds: true })}>
                {say.addMoreBeds}
              </Button>
            </Box>
          </>
        )}
      </Box>
    </Box>
  );
}
