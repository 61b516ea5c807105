"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useTheme } from "@mui/material/styles";
import useMediaQuery from "@mui/material/useMediaQuery";
import { useMemo, useState } from "react";
import type { DayNumber } from "@/core/calendar";
import type { WayOut } from "@/core/commands";
import { cropsOf, type Garden } from "@/core/garden";
import { otherCropsFor, waysTo, type Way } from "@/core/schedule";
import { spotsOf } from "@/core/plantings";
import type { Site } from "@/core/growth";
import { gardenStore, takeWay, type Refused, newId } from "@/store/index";
import { useFields } from "@/ui/forms";
import { WaysOut } from "@/ui/inputs/index";
import { setView, tell, type WishStart } from "@/ui/viewState";
import { useWording, told } from "@/ui/wording";
import { WayList } from "./WayList";
import { LEAST_ROOM_M, plantingFor, wayRoom } from "./wayRoom";
import { WishForm } from "./WishForm";
import { startingFields, wishFrom, WishFieldsSchema } from "./wishFields";
import { plan as say } from "@/words/en/plan";
import { wish as wishSay } from "@/words/en/wish";
import "@/words/en/facts/schedule";

interface Props {
  garden: Garden;
  site: Site;
  today: DayNumber;
  start: WishStart;
  onClose: () => void;
}

const WAYS_SHOWN = 7;

/** "I want… ready by…": the ways to get it, with what stands against them, and one tap to plan it. */
export default function WishDialog({ garden, site, today, start, onClose }: Props) {
  const form = useFields(WishFieldsSchema, startingFields(start, cropsOf(garden), today));
  const wording = useWording();
  const narrow = useMediaQuery(useTheme().breakpoints.down("sm"));
  const { cropId, varietyId, mode, by, until, bedId } = form.watch();
  const wish = useMemo(
    () => wishFrom({ cropId, varietyId, mode, by, until, bedId }, cropsOf(garden), today),
    [cropId, varietyId, mode, by, until, bedId, garden, today],
  );
  const [refused, setRefused] = useState<(Refused & { plantingId: string }) | null>(null);
  const found = useMemo(() => {
    if (typeof wish === "string") return null;
    const all = spotsOf(garden);
    const chosen = all.filter((spot) => spot.bedId === bedId);
    const { settings } = garden;
    const asked = chosen.length > 0 ? chosen : all.filter((spot) => spot.covers.length === 0);
    const ways = waysTo(site, settings, wish, chosen.length > 0 ? chosen : all);
    const others =
      wish.wanted === null
        ? []
        : otherCropsFor(site, settings, wish, all, cropsOf(garden).values());
    return {
      asked: waysTo(site, settings, wish, asked).find((way) => way.growing.stage === "full"),
      ways: roomyFirst(
        ways.filter((way) => way.verdict.kind !== "never"),
        (way) => (wayRoom(site, garden, way, bedId)?.freeM ?? 0) >= LEAST_ROOM_M,
      ).slice(0, WAYS_SHOWN),
      others,
    };
  }, [wish, garden, site, bedId]);

  const accept = async (way: Way) => {
    const planting = plantingFor(site, garden, way, bedId, newId("planting"));
    const done = await gardenStore().dispatch("planting.add", planting);
    if (!done.ok) return setRefused({ ...done, plantingId: planting.id });
    onClose();
    setView({ selectedPlantingId: planting.id });
    const bed = garden.beds.get(planting.bedId)?.name ?? "";
    tell(
      wishSay.addedToSowOn({
        crop: way.growing.crop.name,
        bed,
        date: wording.date(way.timeline.sowDay),
      }),
      "done",
      true,
    );
  };

  const take = async (wayOut: WayOut) => {
    const done = await takeWay(gardenStore(), wayOut);
    if (!done.ok) return setRefused(refused && { ...refused, ...done });
    onClose();
    setView({ selectedPlantingId: refused?.plantingId ?? null });
    tell(wishSay.done({ words: told(wayOut.words) }), "done", true);
  };

  return (
    <Dialog
      open
      onClose={onClose}
      fullWidth
      maxWidth="md"
      fullScreen={narrow}
      aria-labelledby="wish-title"
    >
      <DialogTitle
        id="wish-title"
        sx={{ fontFamily: "var(--font-heading)", fontWeight: 600, pb: 1 }}
      >
        {say.iWant}
      </DialogTitle>
      <DialogContent>
        {refused && (
          <Alert severity="error" sx={{ mb: 2 }}>
            {told(refused.refusal)}
            <WaysOut ways={refused.ways ?? []} onTake={(way) => void take(way)} />
          </Alert>
        )}
        <WishForm garden={garden} form={form} />
        {typeof wish === "string" ? (
          <Alert severity="info" sx={{ mt: 2 }}>
            {wish}
          </Alert>
        ) : (
          found && (
            <Box sx={{ mt: 2 }} aria-live="polite">
              {found.asked?.tooLateWords && (
                <Alert severity="warning" sx={{ mb: 1.5, fontSize: 16 }}>
                  <b>{told(found.asked.tooLateWords)}</b>
                  {stillWords(found.ways)}
                </Alert>
              )}
              {found.ways.length === 0 && (
                <Alert severity="info">
                  {wishSay.cannotBeReadyByThenHereUnderAny({ crop: wish.crop.name })}
                </Alert>
              )}
              <WayList
                garden={garden}
                site={site}
                ways={found.ways}
                chosenBedId={bedId}
                onAccept={(way) => void accept(way)}
              />
              {found.others.length > 0 && (
                <>
                  <Box component="h3" sx={{ fontSize: 15, mt: 2.5, mb: 0 }}>
                    {wishSay.otherCropsReadyByThen}
                  </Box>
                  <WayList
                    garden={garden}
                    site={site}
                    ways={found.others}
                    chosenBedId=""
                    named
                    onAccept={(way) => void accept(way)}
                  />
                </>
              )}
            </Box>
          )
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{wishSay.close}</Button>
      </DialogActions>
    </Dialog>
  );
}

/** What the ways below the sentence are: some that work, or only what comes nearest. */
function stillWords(ways: readonly Way[]): string {
  if (ways.length === 0) return "";
  const works = ways.some(({ verdict }) => verdict.kind === "meets" || verdict.kind === "short");
  return works ? wishSay.whatStillWorks : wishSay.nothingSownNowIsReadyInTimeClosest;
}

/** Among ways that do equally well, those with room in their bed come first. */
function roomyFirst(ways: Way[], hasRoom: (way: Way) => boolean): Way[] {
  const kinds = new Map(ways.map((way) => [way, `${way.verdict.kind} ${way.growing.stage}`]));
  const order = [...new Set(kinds.values())];
  const rank = (way: Way) => order.indexOf(kinds.get(way) ?? "") * 2 + (hasRoom(way) ? 0 : 1);
  return [...ways].sort((a, b) => rank(a) - rank(b));
}
