"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import Link from "next/link";
import type { Garden } from "@/core/garden";
import { setView } from "@/ui/viewState";

/** What to do first: the place, then beds, then something to eat. */
export function EmptyPlan({ garden }: { garden: Garden }) {
  const step = !garden.place ? "place" : garden.beds.size === 0 ? "beds" : "plantings";
  return (
    <Box sx={{ height: "100%", overflowY: "auto", px: { xs: 2, md: 4 }, pt: 3 }}>
      <Typography variant="h1">Plan</Typography>
      <Box sx={{ maxWidth: 560, mt: 2, fontSize: 17 }}>
        {step === "place" && (
          <>
            <p>
              First say where you garden: from the latitude, a few temperatures and the frost dates
              come the light and the cold that everything is reckoned from.
            </p>
            <Button component={Link} href="/place" variant="contained" size="large">
              Give the place
            </Button>
          </>
        )}
        {step === "beds" && (
          <>
            <p>Next, the beds: how many, how long, and what covers them.</p>
            <Button variant="contained" size="large" onClick={() => setView({ addingBeds: true })}>
              Add beds
            </Button>
          </>
        )}
        {step === "plantings" && (
          <>
            <p>
              Nothing is planned yet. Say what you want to eat, and when: Late Ember tells when it
              must be sown, and whether that is still possible.
            </p>
            <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5 }}>
              <Button variant="contained" size="large" onClick={() => setView({ wish: {} })}>
                I want…
              </Button>
              <Button
                variant="outlined"
                size="large"
                onClick={() => setView({ wish: { mode: "today" } })}
              >
                What if I sow today?
              </Button>
              <Button size="large" onClick={() => setView({ addingBeds: true })}>
                More beds
              </Button>
            </Box>
          </>
        )}
      </Box>
    </Box>
  );
}
