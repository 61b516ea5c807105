"use client";

import { useMemo } from "react";
import { dayNumber, type DayNumber } from "@/core/calendar";
import { coverWords } from "@/core/shelter";
import { bedsInOrder, coversOver, type Garden, type Planting } from "@/core/garden";
import {
  growingOf,
  lifeOf,
  plannedOtherwise,
  type PlantingLife,
  successionMoves,
} from "@/core/plantings";
import { NOTHING_KNOWN, type Strand, strandOf, type Timeline, timelineFrom } from "@/core/schedule";
import { type Site } from "@/core/growth";

/** A planting with its strand and what stands beside it. */
export interface StrandItem {
  id: string;
  bedName: string;
  cropName: string;
  varietyName: string;
  /** What its row is called: the crop, or under a crop's title the variety. */
  label: string;
  timeline: Timeline;
  strand: Strand;
  /** What happened: sown by the logbook, picked on these days; null where nothing is known. */
  happened: { isSown: boolean; pickedDays: DayNumber[] } | null;
  /** What was planned, where it came out otherwise. */
  planned: Pick<Timeline, "sowDay" | "readyDay"> | null;
}

export type Grouping = "bed" | "crop";

export interface StrandGroup {
  title: string;
  items: StrandItem[];
}

const items = new WeakMap<PlantingLife, { garden: Garden["beds"]; item: StrandItem }>();

/** All strands of the garden in groups; each computed again only when its planting changes. */
export function useStrands(garden: Garden, site: Site, grouping: Grouping): StrandGroup[] {
  return useMemo(() => {
    const groups = new Map<string, StrandItem[]>();
    for (const planting of garden.plantings.values()) {
      const view = lifeOf(garden, site, planting);
      if (!view) continue;
      const item = itemOf(garden, site, view);
      const byCrop = grouping === "crop";
      const title = byCrop ? item.cropName : groupTitle(garden, planting);
      const group = groups.get(title) ?? [];
      group.push(byCrop ? { ...item, label: item.varietyName } : item);
      groups.set(title, group);
    }
    const bedOrder = new Map(bedsInOrder(garden).map((bed, index) => [bed.id, index]));
    const bedIndex = (item: StrandItem) =>
      bedOrder.get(garden.plantings.get(item.id)?.bedId ?? "") ?? 0;
    const list = [...groups].map(([title, group]) => ({
      title,
      items: group.sort(
        (a, b) => bedIndex(a) - bedIndex(b) || a.timeline.sowDay - b.timeline.sowDay,
      ),
    }));
    return grouping === "crop"
      ? list.sort((a, b) => a.title.localeCompare(b.title))
      : list.sort((a, b) => firstBed(a, bedIndex) - firstBed(b, bedIndex));
  }, [garden, site, grouping]);
}

/** The strands that would come out if a planting were sown on another day: its succession moves along. */
export function draggedItems(
  garden: Garden,
  site: Site,
  planting: Planting,
  sowDay: number,
): StrandItem[] {
  return successionMoves(garden, site, planting, sowDay).flatMap(({ id, sowOn }) => {
    const moved = garden.plantings.get(id);
    const growing = moved && growingOf(garden, moved);
    if (!moved || !growing) return [];
    const timeline = timelineFrom(site, garden.settings, growing, dayNumber(sowOn));
    return [itemOf(garden, site, { planting: moved, growing, timeline, facts: NOTHING_KNOWN })];
  });
}

/** Only the plantings that live within a stretch of time; groups left empty go. */
export function livingWithin(
  groups: readonly StrandGroup[],
  fromDay: DayNumber,
  toDay: DayNumber,
): StrandGroup[] {
  return groups
    .map(({ title, items: all }) => ({
      title,
      items: all.filter(
        ({ timeline, strand }) =>
          timeline.sowDay <= toDay &&
          (timeline.holdsUntilDay ?? strand.growing.at(-1)?.day ?? timeline.sowDay) >= fromDay,
      ),
    }))
    .filter((group) => group.items.length > 0);
}

function itemOf(garden: Garden, site: Site, view: PlantingLife): StrandItem {
  const kept = items.get(view);
  if (kept && kept.garden === garden.beds) return kept.item;
  const { planting, growing, timeline, facts } = view;
  const item: StrandItem = {
    id: planting.id,
    bedName: garden.beds.get(planting.bedId)?.name ?? "",
    cropName: growing.crop.name,
    label: growing.crop.name,
    varietyName: growing.stage === "baby" ? "young leaves" : growing.variety.name,
    timeline,
    strand: strandOf(site, garden.settings, growing, timeline),
    happened:
      facts === NOTHING_KNOWN
        ? null
        : { isSown: facts.sownDay !== null, pickedDays: facts.pickedDays },
    planned: plannedOtherwise(garden, site, view),
  };
  items.set(view, { garden: garden.beds, item });
  return item;
}

function groupTitle(garden: Garden, planting: Planting): string {
  const bed = garden.beds.get(planting.bedId);
  const shelter = bed?.shelterId ? garden.shelters.get(bed.shelterId) : undefined;
  if (shelter) return shelter.name;
  const covers = bed ? coversOver(garden, bed) : [];
  return covers.length === 0 ? "Open beds" : `Under ${coverWords(covers)}`;
}

function firstBed(group: StrandGroup, bedIndex: (item: StrandItem) => number): number {
  return Math.min(...group.items.map(bedIndex));
}
