import type { Metadata } from "next";
import { BedsView } from "@/features/beds";

export const metadata: Metadata = { title: "Beds · Late Ember" };

export default function BedsPage() {
  return <BedsView />;
}
