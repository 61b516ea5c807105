"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { dayNumber } from "@/core/calendar";
import { fedM2, feedingsOf, tooFresh } from "@/core/bedCare";
import { feedingAmount } from "@/core/soil";
import { gardenStore } from "@/store/index";
import { InspectorSection } from "@/ui/frame/index";
import { tellRefusal } from "@/ui/viewState";
import { amountWords } from "./feedingWords";
import type { BedSectionProps } from "../section";
import { groundWords } from "@/ui/ground";
import { beds as say } from "@/words/en/beds";
import { feeding as feedingSay } from "@/words/en/feeding";
import { useWording, told } from "@/ui/wording";
import "@/words/en/facts/soil";

/** What the bed is fed with and when; harvests that come too soon after raw manure are told. */
export function FeedingsList({ garden, site, bed, day }: BedSectionProps) {
  const wording = useWording();
  const feedings = feedingsOf(garden, bed);
  if (feedings.length === 0) return null;
  const remove = async (id: string) => {
    const done = await gardenStore().dispatch("feeding.remove", { id });
    if (!done.ok) tellRefusal(done);
  };
  return (
    <InspectorSection title={say.planned}>
      {feedings.map((feeding) => {
        const { id, on, feed } = feeding;
        const amount = feedingAmount(feed, fedM2(feeding, bed), garden.settings.soilSchool);
        const fresh =
          feed.kind === "manure" && feed.raw ? tooFresh(site, garden, bed, feeding) : [];
        return (
          <Box key={id} sx={{ borderTop: "1px solid var(--line)", py: 0.5 }}>
            <Box sx={{ display: "flex", gap: 1, alignItems: "center", fontSize: 14.5 }}>
              <Box sx={{ flex: 1 }}>
                <b>{told(amount.item)}</b>{" "}
                {say.on2({
                  date: wording.date(dayNumber(on), day),
                  amount: amountWords(amount, wording),
                })}
                {feeding.part &&
                  feedingSay.onAPart({
                    length: wording.lengthM(feeding.part.lengthM),
                    ground: groundWords(feeding.part.across, wording),
                  })}
              </Box>
              <Button
                size="small"
                color="inherit"
                aria-label={say.remove2({ item: told(amount.item) })}
                onClick={() => void remove(id)}
              >
                {say.remove}
              </Button>
            </Box>
            {fresh.map((one) => (
              <Alert key={one.planting.id} severity="warning" sx={{ mt: 0.5 }}>
                {say.wouldBeHarvestedDaysAfterRawManure({
                  one: one.name,
                  days: one.days,
                  neededDays: one.neededDays,
                  date: wording.date(one.fromDay, day),
                })}
              </Alert>
            ))}
          </Box>
        );
      })}
    </InspectorSection>
  );
}
