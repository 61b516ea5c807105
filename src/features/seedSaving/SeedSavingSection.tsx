"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { dayNumber, isoDate } from "@/core/calendar";
import type { Garden, SeedPlan } from "@/core/garden";
import type { Site } from "@/core/growth";
import { plantingState } from "@/core/plantings";
import { crossingsOf, seedSavingOf, seedSteps } from "@/core/seedSaving";
import { gardenStore } from "@/store";
import { lazyPart } from "@/ui/frame";
import type { SectionProps } from "@/ui/section";
import { tell, tellRefusal } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { seedSaving as say, seedSteps as stepWords } from "@/words/en/seedSaving";
import { isolationWords } from "./isolationWords";

const LeaveDialog = lazyPart(() => import("./LeaveDialog"));
const BoxDialog = lazyPart(() => import("./BoxDialog"));
const SelfSownDialog = lazyPart(() => import("./SelfSownDialog"));

/** Plants that are left for seed, from marking them to the seed box; and patches that sowed themselves. */
export default function SeedSavingSection(props: SectionProps) {
  const { garden, site, today } = props;
  const [open, setOpen] = useState<"leave" | "selfSown" | { box: SeedPlan } | null>(null);
  const plans = [...garden.seedPlans.values()].sort(
    (a, b) => Number(a.lotId !== null) - Number(b.lotId !== null) || (a.id < b.id ? -1 : 1),
  );
  return (
    <>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center", mb: 1 }}>
        <Box sx={{ flex: "1 1 260px", color: "var(--ash-text)", fontSize: 15 }}>{say.what}</Box>
        <Button
          variant="outlined"
          color="inherit"
          disabled={!site}
          onClick={() => setOpen("selfSown")}
        >
          {say.selfSown}
        </Button>
        <Button variant="contained" disabled={!site} onClick={() => setOpen("leave")}>
          {say.leave}
        </Button>
      </Box>
      {plans.length === 0 && <Box sx={{ fontSize: 16 }}>{say.none}</Box>}
      {site && (
        <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none", maxWidth: 820 }}>
          {plans.map((plan) => (
            <PlanRow
              key={plan.id}
              {...{ garden, site, today, plan }}
              onBox={() => setOpen({ box: plan })}
            />
          ))}
        </Box>
      )}
      {site && open === "leave" && (
        <LeaveDialog garden={garden} site={site} today={today} onClose={() => setOpen(null)} />
      )}
      {site && open === "selfSown" && (
        <SelfSownDialog garden={garden} site={site} today={today} onClose={() => setOpen(null)} />
      )}
      {open !== null && typeof open === "object" && (
        <BoxDialog garden={garden} plan={open.box} today={today} onClose={() => setOpen(null)} />
      )}
    </>
  );
}

interface RowProps {
  garden: Garden;
  site: Site;
  today: number;
  plan: SeedPlan;
  onBox: () => void;
}

function PlanRow({ garden, site, today, plan, onBox }: RowProps) {
  const wording = useWording();
  const planting = garden.plantings.get(plan.plantingId);
  const state = planting && plantingState(garden, site, planting);
  const saving = state && seedSavingOf(state.growing.crop);
  if (!state || !saving) return null;
  const { name, bed } = state;
  const crossings = crossingsOf(site, garden, state);
  const isDone = plan.lotId !== null;
  const cut = async () => {
    const done = await gardenStore().dispatch("seedPlan.set", {
      ...plan,
      harvestedOn: isoDate(today),
    });
    if (done.ok) tell(say.cutKept, "done", true);
    else tellRefusal(done);
  };
  const drop = async () => {
    const done = await gardenStore().dispatch("seedPlan.remove", { id: plan.id });
    if (done.ok) tell(say.dropped, "done", true);
    else tellRefusal(done);
  };
  return (
    <Box component="li" aria-label={name} sx={{ py: 1.25, borderBottom: "1px solid var(--line)" }}>
      <Box sx={{ fontSize: 18, fontWeight: 700 }}>
        {name}, {bed.name}
      </Box>
      <Box sx={{ fontSize: 15.5 }}>
        {say.line({ plants: plan.plants, isolation: isolationWords[plan.isolation] })}
        {plan.plants < saving.plants && `. ${say.fewer({ plants: saving.plants })}`}
      </Box>
      {isDone ? (
        <Box sx={{ fontSize: 15.5, fontWeight: 600 }}>{say.inBox}</Box>
      ) : (
        <>
          <Box
            component="ol"
            aria-label={say.steps}
            sx={{
              m: 0,
              mt: 0.5,
              p: 0,
              listStyle: "none",
              display: "flex",
              flexWrap: "wrap",
              columnGap: 2.5,
              fontSize: 15.5,
            }}
          >
            {seedSteps(site, state, plan).map(({ what, day }) => (
              <Box
                component="li"
                key={what}
                sx={{ color: day < today ? "var(--ash-text)" : undefined }}
              >
                {say.step({ step: stepWords[what], date: wording.date(day, today) })}
              </Box>
            ))}
          </Box>
          {crossings.map((one) => (
            <Box key={one.plantingId} sx={{ fontSize: 15, color: "var(--ember-text)" }}>
              {say.crosses({
                name: one.name,
                bed: garden.beds.get(one.bedId)?.name ?? "",
                from: wording.date(one.fromDay, today),
                until: wording.date(one.untilDay, today),
              })}
            </Box>
          ))}
          {plan.harvestedOn !== null && (
            <Box sx={{ fontSize: 15 }}>
              {say.cutOn({ date: wording.date(dayNumber(plan.harvestedOn), today) })}
            </Box>
          )}
          <Box sx={{ mt: 0.75, display: "flex", flexWrap: "wrap", gap: 1 }}>
            {plan.harvestedOn === null ? (
              <Button
                variant="outlined"
                aria-label={say.cutToday({ name })}
                onClick={() => void cut()}
              >
                {say.cut}
              </Button>
            ) : (
              <Button variant="contained" onClick={onBox}>
                {say.box}
              </Button>
            )}
            <Button color="inherit" aria-label={say.dropIt2({ name })} onClick={() => void drop()}>
              {say.dropIt}
            </Button>
          </Box>
        </>
      )}
    </Box>
  );
}
