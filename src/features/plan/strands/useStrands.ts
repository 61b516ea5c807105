"use client";

import { useMemo } from "react";
import { dayNumber, type DayNumber } from "@/core/calendar";
import { derive } from "@/core/derive";
import { coverWords } from "@/words/covers";
import { bedsInOrder, coversOver, type Garden, type Planting } from "@/core/garden";
import {
  plantingState,
  plannedOtherwise,
  stateIfSown,
  type PlantingState,
  successionMoves,
} from "@/core/plantings";
import { NOTHING_KNOWN, strandOf, type Strand, type Timeline } from "@/core/schedule";
import type { Site } from "@/core/growth";
import { plan as say } from "@/words/en/plan";

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

/** All strands of the garden in groups; each computed again only when its planting changes. */
export function useStrands(garden: Garden, site: Site, grouping: Grouping): StrandGroup[] {
  return useMemo(() => {
    const groups = new Map<string, StrandItem[]>();
    for (const planting of garden.plantings.values()) {
      const view = plantingState(garden, site, planting);
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
    const state = moved && stateIfSown(garden, site, moved, dayNumber(sowOn));
    return state ? [itemOf(garden, site, state)] : [];
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

function itemOf(garden: Garden, site: Site, state: PlantingState): StrandItem {
  const planned = plannedOtherwise(garden, site, state);
  return derive([state, site, garden.settings, planned], itemFrom);
}

function itemFrom(
  state: PlantingState,
  site: Site,
  settings: Garden["settings"],
  planned: Timeline | null,
): StrandItem {
  const { planting, bed, growing, timeline, facts } = state;
  return {
    id: planting.id,
    bedName: bed.name,
    cropName: growing.crop.name,
    label: growing.crop.name,
    varietyName: growing.stage === "baby" ? say.babyLeaf3 : growing.variety.name,
    timeline,
    strand: strandOf(site, settings, growing, timeline),
    happened:
      facts === NOTHING_KNOWN
        ? null
        : { isSown: facts.sownDay !== null, pickedDays: facts.pickedDays },
    planned,
  };
}

function groupTitle(garden: Garden, planting: Planting): string {
  const bed = garden.beds.get(planting.bedId);
  if (bed?.container) return say.inContainers;
  const shelter = bed?.shelterId ? garden.shelters.get(bed.shelterId) : undefined;
  if (shelter) return shelter.name;
  const covers = bed ? coversOver(garden, bed) : [];
  return covers.length === 0 ? say.uncoveredBeds : say.under({ cover: coverWords(covers) });
}

function firstBed(group: StrandGroup, bedIndex: (item: StrandItem) => number): number {
  return Math.min(...group.items.map(bedIndex));
}
