import type { Metadata } from "next";
import { TodayView } from "@/features/today";

export const metadata: Metadata = { title: "Today · Late Ember" };

export default function TodayPage() {
  return <TodayView />;
}
