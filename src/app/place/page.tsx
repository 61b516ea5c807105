import { PlaceView } from "@/features/place";

export default function PlacePage() {
  return <PlaceView />;
}
