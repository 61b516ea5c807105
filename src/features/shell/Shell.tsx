"use client";

import PlaceIcon from "@mui/icons-material/PlaceOutlined";
import GridIcon from "@mui/icons-material/GridViewOutlined";
import RoofingIcon from "@mui/icons-material/RoofingOutlined";
import SpaIcon from "@mui/icons-material/SpaOutlined";
import TodayIcon from "@mui/icons-material/WbTwilightOutlined";
import LarderIcon from "@mui/icons-material/KitchenOutlined";
import LogbookIcon from "@mui/icons-material/MenuBookOutlined";
import SsidChartIcon from "@mui/icons-material/SsidChart";
import Box from "@mui/material/Box";
import { useReckoned } from "@/derive";
import { usePractised } from "@/derive/practised";
import { usePathname, useRouter } from "next/navigation";
import { startTransition, useCallback, useEffect, useState, type ReactNode } from "react";
import type { DayNumber } from "@/core/calendar";
import { isEmptyGarden } from "@/core/garden";
import { chanceWords } from "@/words";
import { gardenStore, useToday, useGarden } from "@/store/index";
import {
  Boundary,
  FrameGrid,
  keepFocus,
  Rail,
  type RailEntry,
  VIEW_NOTICES,
  lazyPart,
} from "@/ui/frame/index";
import { useAddress } from "@/ui/address";
import { lookAtDay, useView } from "@/ui/viewState";
import { useWording, told } from "@/ui/wording";
import { Waiting } from "@/features/gardenFile";
import { dropPicture, PictureHost } from "@/ui/picture";
import { useVersion } from "@/features/offline";
import { Dialogs } from "./Dialogs";
import { TopLine } from "./TopLine";
import { tonightWords } from "./tonightWords";
import { Trouble } from "./lazyTrouble";
import { useOpening } from "./useOpening";
import { useOutlook } from "./useOutlook";
import { useRibbon } from "./useRibbon";
import { useShortcuts } from "./useShortcuts";
import { useWarmUp } from "./useWarmUp";
import { regionOf } from "@/ui/region";
import { shell as say } from "@/words/en/shell";

const SeasonRibbon = lazyPart(async () => ({
  default: (await import("@/ui/ribbon/index")).SeasonRibbon,
}));
const SelectedPlanting = lazyPart(() => import("./SelectedPlanting"));
const Welcome = lazyPart(() => import("@/features/gardenFile/Welcome"));
const SampleNotice = lazyPart(() => import("@/features/gardenFile/SampleNotice"));
const PracticeRibbon = lazyPart(() => import("./PracticeRibbon"));
const RehearsedNotice = lazyPart(() => import("./RehearsedNotice"));
const StorageNotice = lazyPart(() => import("@/features/gardenFile/StorageNotice"));
const SetAsideNotice = lazyPart(() => import("@/features/gardenFile/SetAsideNotice"));
const BackupNotice = lazyPart(() => import("@/features/gardenFile/backups/BackupNotice"));
const DropMark = lazyPart(() => import("@/features/gardenFile/DropMark"));
const VersionNotice = lazyPart(() => import("@/features/offline/VersionNotice"));

const ENTRIES: readonly RailEntry[] = [
  { href: "/today", label: say.today, icon: <TodayIcon /> },
  { href: "/plan", label: say.plan, icon: <SsidChartIcon /> },
  { href: "/beds", label: say.beds, icon: <GridIcon /> },
  { href: "/shelters", label: say.shelters, icon: <RoofingIcon /> },
  { href: "/seedlings", label: say.seedlings, icon: <SpaIcon />, underMore: true },
  { href: "/larder", label: say.larder, icon: <LarderIcon />, underMore: true },
  { href: "/logbook", label: say.logbook, icon: <LogbookIcon /> },
  { href: "/place", label: say.place, icon: <PlaceIcon />, underMore: true },
];

const HREFS = [
  ...ENTRIES.map(({ href }) => href),
  "/today/sheet",
  "/seedlings/labels",
  "/plan/rehearse",
  "/logbook/numbers",
  "/logbook/seasons",
  "/logbook/trials",
  "/practise",
];

/** The frame around every view: top line, rail, inspector and season ribbon. */
export function Shell({ children }: { children: ReactNode }) {
  const opening = useOpening();
  const status = useGarden((state) => state.status);
  const pathname = usePathname();
  if (opening.step === "failed") {
    return <Trouble error={opening.error} onAgain={() => window.location.reload()} />;
  }
  if (opening.step !== "open" || status !== "ready") {
    const isSlow = opening.step === "slow" && status === "opening";
    return (
      <Waiting
        entries={ENTRIES}
        current={pathname}
        status={isSlow ? "slow" : status}
        picture={pathname === "/today" && <PictureHost />}
      />
    );
  }
  return (
    <Boundary fallback={(error, again) => <Trouble error={error} onAgain={again} />}>
      <OpenShell>{children}</OpenShell>
    </Boundary>
  );
}

/** Whether the first picture is on the screen; from then on what follows gives way to taps. */
function useAfterFirstDraw(): boolean {
  const [isDrawn, setDrawn] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => startTransition(() => setDrawn(true)));
    return () => clearTimeout(timer);
  }, []);
  return isDrawn;
}

/** A picture of the garden as it was is no use any more. */
function dropPictureWithChanges(): () => void {
  return gardenStore().subscribe((now, before) => {
    if (now.garden !== before.garden) dropPicture().catch(() => undefined);
  });
}

function OpenShell({ children }: { children: ReactNode }) {
  const { garden, site, isBehind } = useReckoned();
  const { dateInView, selectedPlantingId, sunBedId, backupDue, dropping, tourStep } = useView();
  const practised = usePractised((state) => state.shown);
  const storageNotice = useGarden((state) => state.storageNotice);
  const setAside = useGarden((state) => state.setAside);
  const version = useVersion((store) => store.state);
  const [started, setStarted] = useState(false);
  const pathname = usePathname();
  const router = useRouter();
  const today = useToday(garden);
  const day = dateInView ?? today;
  const wording = useWording();
  const selected = selectedPlantingId ? garden.plantings.get(selectedPlantingId) : undefined;
  const bedInSight = selected?.bedId ?? (pathname === "/place" ? sunBedId : null);
  // The view comes first: whoever opens the page wants to read and tap.
  const isViewDrawn = useAfterFirstDraw();
  const ribbon = useRibbon(isViewDrawn ? site : null, garden, bedInSight, day, wording);
  useShortcuts(today);
  useOutlook(garden, today);
  useWarmUp(HREFS);
  const onDay = useCallback((next: DayNumber) => lookAtDay(next, today), [today]);
  useAddress();
  useEffect(keepFocus, []);
  useEffect(dropPictureWithChanges, []);

  const welcome = isEmptyGarden(garden) && !started;
  const start = () => {
    // A new garden is measured as its region measures.
    const { units } = regionOf();
    if (units !== garden.settings.units) void gardenStore().dispatch("settings.set", { units });
    setStarted(true);
    router.push("/place");
  };
  return (
    <>
      <FrameGrid
        top={
          <TopLine
            day={practised?.day ?? day}
            today={practised?.day ?? today}
            ownToday={garden.head.today !== null}
            isPractice={practised !== null}
            frostDay={practised ? null : (ribbon?.frostDay ?? null)}
            riskWords={chanceWords(garden.settings.frostRisk)}
            tonight={
              day === today && !practised ? tonightWords(garden.outlook, today, wording) : null
            }
          />
        }
        rail={<Rail entries={ENTRIES} current={pathname} />}
        view={
          <Box
            aria-busy={isBehind}
            sx={{
              height: "100%",
              display: "flex",
              flexDirection: "column",
              position: "relative",
            }}
          >
            <Box
              aria-live="polite"
              sx={{
                position: "absolute",
                top: 4,
                right: 12,
                fontSize: 14,
                color: "var(--ash-text)",
                pointerEvents: "none",
              }}
            >
              {isBehind && say.calculating}
            </Box>
            <Box id={VIEW_NOTICES}>
              {pathname === "/today" && garden.head.sample && <SampleNotice />}
              {pathname === "/today" && backupDue && (
                <BackupNotice due={backupDue} garden={garden} />
              )}
              {garden.rehearsed && <RehearsedNotice />}
              {storageNotice && <StorageNotice notice={told(storageNotice)} garden={garden} />}
              {(version === "newer" || version === "taken") && (
                <VersionNotice isTaken={version === "taken"} />
              )}
              {setAside.length > 0 && <SetAsideNotice lines={setAside} />}
            </Box>
            <Box sx={{ flex: 1, minHeight: 0 }}>
              {welcome && tourStep === null && pathname !== "/practise" ? (
                <Welcome onStart={start} />
              ) : (
                children
              )}
            </Box>
          </Box>
        }
        inspector={
          selected && site ? (
            <SelectedPlanting garden={garden} site={site} planting={selected} day={day} />
          ) : null
        }
        ribbon={
          practised ? (
            <PracticeRibbon shown={practised} />
          ) : ribbon ? (
            <SeasonRibbon ribbon={ribbon} day={day} today={today} onDay={onDay} />
          ) : (
            <Box
              sx={{
                height: "100%",
                bgcolor: "#1b1715",
                color: "#e6ddd3",
                display: "grid",
                placeItems: "center",
                fontSize: 14,
                px: 2,
                textAlign: "center",
              }}
            >
              {!site && say.theSeasonsLightAndFrostShowHere}
            </Box>
          )
        }
      />
      {dropping && <DropMark />}
      <Dialogs garden={garden} site={site} day={day} today={today} />
    </>
  );
}
