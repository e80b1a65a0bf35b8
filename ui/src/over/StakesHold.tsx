import { formatPull } from "../measure/figures";
import { useDesk } from "../workspace/desk";
import { words } from "./words";

interface Props {
  wind: string;
  /** Of that wind at a foot, newtons. */
  pull: number;
  /** What a stake holds, newtons. */
  stake: number;
  stakes: number;
}

/** How many stakes hold something down in which wind. */
export function StakesHold({ wind, pull, stake, stakes }: Props) {
  const { units } = useDesk();
  return <p>{words.stakes(wind, formatPull(pull, units), stakes, formatPull(stake, units))}</p>;
}
