import type { Metadata } from "next";
import { SheetView } from "@/features/today";

export const metadata: Metadata = { title: "The week's sheet · Late Ember" };

export default function SheetPage() {
  return <SheetView />;
}
