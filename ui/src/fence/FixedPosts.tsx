import { ToolButton } from "../forms/ToolButton";
import type { Point } from "../api/types";
import { LengthField } from "../parts/LengthField";
import { onBoundary, thereAndBack } from "../sheet/boundary";
import { MIDDLE_TOLERANCE } from "../sheet/things";
import { useDesk } from "../workspace/desk";
import type { Fence } from "./fence";
import { words } from "./words";

interface Props {
  fence: Fence;
  fault: string | undefined;
  onChange: (fixed: Point[]) => void;
}

/** Posts that the gardener sets: they stay where they are, and the spans beside them are divided anew. */
export function FixedPosts({ fence, fault, onChange }: Props) {
  const desk = useDesk();
  const { fixed } = fence;

  function put(index: number, part: Partial<Point>) {
    onChange(fixed.map((post, i) => (i === index ? { ...post, ...part } : post)));
  }

  return (
    <details>
      <summary className="cursor-pointer">{words.fixedPosts(fixed.length)}</summary>
      <ol className="space-y-1 py-1">
        {fixed.map((post, index) => (
          <li
            key={index}
            className="grid grid-cols-[1.1rem_1fr_1fr_auto] items-center gap-1 [&_input]:px-1 [&_input]:text-sm"
          >
            <span className="figures text-sm text-soft">{index + 1}</span>
            <LengthField
              label={words.fixedRight(index + 1)}
              hideLabel
              value={post.x}
              units={desk.units}
              onCommit={(x) => {
                put(index, { x });
              }}
            />
            <LengthField
              label={words.fixedUp(index + 1)}
              hideLabel
              value={post.y}
              units={desk.units}
              onCommit={(y) => {
                put(index, { y });
              }}
            />
            <button
              type="button"
              className="plain-button px-1.5"
              aria-label={words.freePost(index + 1)}
              title={words.freePost(index + 1)}
              onClick={() => {
                onChange(fixed.filter((_, i) => i !== index));
              }}
            >
              −
            </button>
          </li>
        ))}
      </ol>
      <ToolButton
        tool={{
          kind: "spot",
          drawn: (place) => {
            const line = [thereAndBack(fence.places)];
            onChange([...fixed, onBoundary(line, place, desk.snapStep, MIDDLE_TOLERANCE)]);
          },
        }}
        take={words.setPost}
        inHand={words.clickPost}
      />
      <p className="text-sm text-soft">{words.fixedHint}</p>
      {fault && (
        <p role="alert" className="text-snag">
          {fault}
        </p>
      )}
    </details>
  );
}
