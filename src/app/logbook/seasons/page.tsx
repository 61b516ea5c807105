import type { Metadata } from "next";
import { SeasonsView } from "@/features/seasons";

export const metadata: Metadata = { title: "Seasons · Late Ember" };

export default function SeasonsPage() {
  return <SeasonsView />;
}
