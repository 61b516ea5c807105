"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { dayNumber } from "@/core/calendar";
import { feedingsOf, tooFresh } from "@/core/bedCare";
import { feedingAmount } from "@/core/soil";
import { gardenStore } from "@/store/index";
import { InspectorSection } from "@/ui/frame/index";
import { tellRefusal } from "@/ui/viewState";
import { amountWords } from "./feedingWords";
import type { BedSectionProps } from "../section";

/** What the bed is fed with and when; harvests that come too soon after raw manure are told. */
export function FeedingsList({ garden, site, bed, day, wording }: BedSectionProps) {
  const feedings = feedingsOf(garden, bed);
  if (feedings.length === 0) return null;
  const areaM2 = bed.lengthM * bed.widthM;
  const remove = async (id: string) => {
    const done = await gardenStore().dispatch("feeding.remove", { id });
    if (!done.ok) tellRefusal(done);
  };
  return (
    <InspectorSection title="It gets">
      {feedings.map(({ id, on, feed }) => {
        const amount = feedingAmount(feed, areaM2, garden.settings.soilSchool);
        const fresh =
          feed.kind === "manure" && feed.raw ? tooFresh(site, garden, bed, dayNumber(on)) : [];
        return (
          <Box key={id} sx={{ borderTop: "1px solid var(--line)", py: 0.5 }}>
            <Box sx={{ display: "flex", gap: 1, alignItems: "center", fontSize: 14.5 }}>
              <Box sx={{ flex: 1 }}>
                <b>{amount.item}</b> on {wording.date(dayNumber(on), day)}:{" "}
                {amountWords(amount, wording)}
              </Box>
              <Button
                size="small"
                color="inherit"
                aria-label={`Take ${amount.item} out`}
                onClick={() => void remove(id)}
              >
                Take out
              </Button>
            </Box>
            {fresh.map((one) => (
              <Alert key={one.planting.id} severity="warning" sx={{ mt: 0.5 }}>
                {one.name} would be picked {one.days} days after raw manure; {one.neededDays} days
                are wanted: not before {wording.date(one.fromDay, day)}. Local rules may ask for
                more.
              </Alert>
            ))}
          </Box>
        );
      })}
    </InspectorSection>
  );
}
