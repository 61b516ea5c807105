import type { Metadata } from "next";
import { SeedlingsView } from "@/features/seedlings";

export const metadata: Metadata = { title: "Seedlings · Late Ember" };

export default function SeedlingsPage() {
  return <SeedlingsView />;
}
