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
import { useWatch } from "react-hook-form";
import { DAYS_PER_WEEK, isoDate, type DayNumber } from "@/core/calendar";
import type { WayOut } from "@/core/commands";
import { cropsOf, type Garden } from "@/core/garden";
import { otherCropsFor, waysTo, type Way, type Wish } from "@/core/schedule";
import { spotsOf } from "@/core/plantings";
import type { Site } from "@/core/growth";
import { gardenStore, takeWay, type Refused, newId } from "@/store/index";
import { howMuchFrom, useFields } from "@/ui/forms";
import { WaysOut } from "@/ui/inputs/index";
import { setView, tell, type WishStart } from "@/ui/viewState";
import { useWording, told } from "@/ui/wording";
import { begunEntries } from "./begunEntries";
import { WayList } from "./WayList";
import { LEAST_ROOM_M, plantingFor, wayRoom, type Asked } from "./wayRoom";
import { WishForm } from "./WishForm";
import { startingFields, wishFrom, WishFieldsSchema, type WishFields } from "./wishFields";
import { plan as say } from "@/words/en/plan";
import { wish as wishSay } from "@/words/en/wish";
import "@/words/en/facts/schedule";

interface Props {
  garden: Garden;
  site: Site;
  today: DayNumber;
  /** The date in view: what is asked of "if I sow on" begins with it. */
  inView: DayNumber;
  start: WishStart;
  onClose: () => void;
}

const WAYS_SHOWN = 7;

/** "I want… ready by…": the ways to get it, with what stands against them, and one tap to plan it. */
export default function WishDialog({ garden, site, today, inView, start, onClose }: Props) {
  const form = useFields(WishFieldsSchema, startingFields(start, cropsOf(garden), today, inView));
  const wording = useWording();
  const narrow = useMediaQuery(useTheme().breakpoints.down("sm"));
  const typed = useWatch({ control: form.control }) as WishFields;
  const { cropId, varietyId, mode, by, until, sowOn, bedId, amountBy, amount } = typed;
  const wish = useMemo(
    () => wishFrom({ cropId, varietyId, mode, by, until, sowOn }, cropsOf(garden), today),
    [cropId, varietyId, mode, by, until, sowOn, garden, today],
  );
  const howMuch = howMuchFrom({ amountBy, amount }, garden.settings.units);
  const asked: Asked | null =
    typeof howMuch === "string" || typeof wish === "string"
      ? null
      : { howMuch, weeks: weeksWanted(wish), bedId };
  const [refused, setRefused] = useState<(Refused & { plantingId: string }) | null>(null);
  const found = useMemo(() => {
    if (typeof wish === "string") return null;
    const all = spotsOf(garden);
    const chosen = all.filter((spot) => spot.bedId === bedId);
    const { settings } = garden;
    const plain = chosen.length > 0 ? chosen : all.filter((spot) => spot.covers.length === 0);
    const ways = waysTo(site, settings, wish, chosen.length > 0 ? chosen : all);
    const others =
      wish.wanted === null
        ? []
        : otherCropsFor(site, settings, wish, all, cropsOf(garden).values());
    return {
      plain: waysTo(site, settings, wish, plain).find(
        (way) => way.growing.stage === "full" && !isBought(way),
      ),
      ways: shownOf(
        roomyFirst(
          ways.filter((way) => way.verdict.kind !== "never"),
          (way) => (wayRoom(site, garden, way, bedId)?.freeM ?? 0) >= LEAST_ROOM_M,
        ),
      ),
      others,
    };
  }, [wish, garden, site, bedId]);

  const accept = async (way: Way) => {
    if (asked === null) return;
    const { planting } = plantingFor(site, garden, way, asked, newId("planting"));
    const entries = begunEntries(planting, way, today, newId);
    const done = await (entries.length === 0
      ? gardenStore().dispatch("planting.add", planting)
      : gardenStore().dispatch("log.keep", {
          entries,
          newPlantings: [planting],
          today: isoDate(today),
        }));
    if (!done.ok) return setRefused({ ...done, plantingId: planting.id });
    onClose();
    setView({ selectedPlantingId: planting.id });
    const bed = garden.beds.get(planting.bedId)?.name ?? "";
    const { plantOutDay, sowDay } = way.timeline;
    const isBought = planting.bought !== null;
    const added = {
      crop: way.growing.crop.name,
      bed,
      date: wording.date(isBought ? (plantOutDay ?? sowDay) : sowDay),
    };
    tell(
      entries.length > 0
        ? wishSay.addedAsSown(added)
        : isBought
          ? wishSay.addedToSetOutOn(added)
          : wishSay.addedToSowOn(added),
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
        {typeof howMuch === "string" && (
          <Alert severity="info" sx={{ mt: 2 }}>
            {howMuch}
          </Alert>
        )}
        {typeof wish === "string" ? (
          <Alert severity="info" sx={{ mt: 2 }}>
            {wish}
          </Alert>
        ) : (
          found && (
            <Box sx={{ mt: 2 }} aria-live="polite">
              {found.plain?.tooLateWords && (
                <Alert severity="warning" sx={{ mb: 1.5, fontSize: 16 }}>
                  <b>{told(found.plain.tooLateWords)}</b>
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
                asked={asked}
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
                    asked={asked && { ...asked, bedId: "" }}
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

/** Weeks of eating that a wish names; null where it names none. */
function weeksWanted({ wanted }: Wish): number | null {
  if (wanted === null || wanted.untilDay === null) return null;
  return Math.max(1, (wanted.untilDay - wanted.byDay) / DAYS_PER_WEEK);
}

/**
 * The ways that are shown: the best few, buying plants and young leaves among them wherever these would
 * do; but buying only where raising them oneself would not do as well there.
 */
function shownOf(ways: Way[]): Way[] {
  const raised = new Set(
    ways.flatMap(({ growing, verdict, spot }) =>
      growing.method === "transplant" && !growing.boughtAgeDays && verdict.kind === "meets"
        ? spot.bedId
        : [],
    ),
  );
  const few = ways.filter((way) => !isBought(way) || !raised.has(way.spot.bedId));
  const shown = few.slice(0, WAYS_SHOWN);
  for (const kind of [isBought, isYoung]) {
    const first = ways.find((way) => kind(way) && way.verdict.kind === "meets");
    // What would do stands among them, if it is only by its best.
    if (first && !shown.some(kind)) shown.splice(-1, 1, first);
  }
  return shown;
}

function isYoung({ growing }: Way): boolean {
  return growing.stage === "baby";
}

function isBought({ growing }: Way): boolean {
  return Boolean(growing.boughtAgeDays);
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
