import { useGardenPicture } from "../api/queries";
import type { ListedGarden } from "../api/types";
import { Picture } from "../sheet/Picture";

const WIDE = 84;
const HIGH = 60;

/** The plot of a garden in small, with the beds that stand there now. */
export function GardenPicture({ garden }: { garden: ListedGarden }) {
  const { data } = useGardenPicture(garden.id, garden.touchedAt);
  if (!data) return <span style={{ width: WIDE, height: HIGH }} />;
  return (
    <Picture
      ground={data.ground}
      beds={data.beds}
      label={`Plan of ${garden.name}`}
      width={WIDE}
      height={HIGH}
    />
  );
}
