import type { Metadata } from "next";
import { SheltersView } from "@/features/shelters";

export const metadata: Metadata = { title: "Shelters · Late Ember" };

export default function SheltersPage() {
  return <SheltersView />;
}
