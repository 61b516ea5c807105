"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Link from "next/link";
import { useMemo } from "react";
import { useWatch } from "react-hook-form";
import { z } from "zod";
import { type DayNumber } from "@/core/calendar";
import { daysWords } from "@/words";
import type { Garden } from "@/core/garden";
import { USUAL_HOW_MUCH } from "@/core/plantings";
import { firstCrops, type FirstCrop } from "@/core/bedSpace";
import type { Site } from "@/core/growth";
import { gardenStore, newId } from "@/store/index";
import {
  CheckField,
  HOW_MUCH_FIELDS,
  HowMuchField,
  howMuchFrom,
  useFields,
  USUAL_HOW_MUCH_FIELDS,
} from "@/ui/forms";
import { setView, tell, tellRefusal } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { today as say } from "@/words/en/today";

/** Which of the crops that are offered, by their ids, and how much of each. */
const ChosenSchema = z.object({
  chosen: z.record(z.string(), z.boolean()),
  ...HOW_MUCH_FIELDS,
});

interface Props {
  garden: Garden;
  site: Site;
  today: DayNumber;
}

/** Three crops that can still be sown here today, each with its day; planned with one tap. */
export function FirstCropsForm({ garden, site, today }: Props) {
  const wording = useWording();
  const { units } = garden.settings;
  const first = useMemo(
    () => firstCrops(site, garden, today, USUAL_HOW_MUCH, () => newId("planting")),
    [site, garden, today],
  );
  const form = useFields(ChosenSchema, {
    chosen: Object.fromEntries(first.map(({ sowing }) => [sowing.growing.crop.id, true])),
    ...USUAL_HOW_MUCH_FIELDS,
  });
  const typed = useWatch({ control: form.control }) as z.infer<typeof ChosenSchema>;
  const { chosen: isChosen, amountBy, amount } = typed;
  const { offered, wrong } = useMemo(() => {
    const howMuch = howMuchFrom({ amountBy, amount }, units);
    return typeof howMuch === "string"
      ? { offered: first, wrong: howMuch }
      : {
          offered: firstCrops(site, garden, today, howMuch, () => newId("planting")),
          wrong: null,
        };
  }, [site, garden, today, first, amountBy, amount, units]);
  const chosen = offered.filter(({ sowing }) => isChosen[sowing.growing.crop.id]);
  const plan = form.handleSubmit(async () => {
    const done = await gardenStore().dispatch("planting.setMany", {
      plantings: chosen.map(({ planting }) => planting),
    });
    if (!done.ok) return tellRefusal(done);
    setView({ dateInView: null });
    tell(
      chosen.length === 1
        ? say.cropAddedToThePlan
        : say.cropsAddedToThePlan({ chosenCount: chosen.length }),
      "done",
      true,
    );
  });
  if (offered.length === 0) {
    return (
      <>
        <p>{say.nothingSownInTheseBedsOnWillBe({ date: wording.date(today) })}</p>
        <Button component={Link} href="/plan" prefetch={false} variant="contained" size="large">
          {say.openPlan}
        </Button>
      </>
    );
  }
  return (
    <>
      <p>{say.easyCropsYouCanStillSowHereToday}</p>
      <Box component="ul" aria-label={say.firstCrops} sx={{ m: 0, p: 0, listStyle: "none" }}>
        {offered.map((one) => (
          <Box component="li" key={one.planting.id} sx={{ borderBottom: "1px solid var(--line)" }}>
            <CheckField
              control={form.control}
              name={`chosen.${one.sowing.growing.crop.id}`}
              label={<CropLine one={one} today={today} />}
              sx={{ py: 0.75, mr: 0, alignItems: "flex-start" }}
            />
          </Box>
        ))}
      </Box>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "1fr 1fr", sm: "220px 140px" },
          gap: 1.5,
          mt: 2,
        }}
      >
        <HowMuchField form={form} units={units} />
      </Box>
      {wrong !== null && <p>{wrong}</p>}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, mt: 1.5 }}>
        <Button
          variant="contained"
          size="large"
          disabled={chosen.length === 0 || wrong !== null}
          onClick={() => void plan()}
        >
          {chosen.length === 1
            ? say.addToPlan
            : say.addTheseToThePlan({ chosenCount: chosen.length })}
        </Button>
        <Button component={Link} href="/plan" prefetch={false} size="large" color="inherit">
          {say.chooseAnotherCrop}
        </Button>
      </Box>
    </>
  );
}

function CropLine({ one, today }: { one: FirstCrop } & Pick<Props, "today">) {
  const wording = useWording();
  const { sowing, bed, planting } = one;
  const { growing, timeline } = sowing;
  const young = growing.stage === "baby" ? say.babyLeaf : "";
  const ready =
    timeline.readyDay === null
      ? ""
      : say.ready({
          date: wording.date(timeline.readyDay, today),
          days: daysWords(timeline.readyDay - today),
        });
  return (
    <Box sx={{ pt: 1, lineHeight: 1.4 }}>
      <b>
        {growing.crop.name}
        {young}
      </b>
      {ready}
      <Box sx={{ fontSize: 15, color: "var(--ash-text)" }}>
        {growing.method === "transplant" ? say.startInCellTraysThen : say.sowDirectlyIn} {bed.name},{" "}
        {wording.lengthM(planting.lengthM)}
      </Box>
    </Box>
  );
}
