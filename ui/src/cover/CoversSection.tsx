import { Fault } from "../parts/Fault";
import { RovingList } from "../parts/RovingList";
import { byName } from "../parts/byName";
import { SheetCuts } from "../over/SheetCuts";
import { useDesk } from "../workspace/desk";
import { CoverForm } from "./CoverForm";
import { useCovers, useNewCovers } from "./covers";
import { words } from "./words";

/** The covers, and new ones for the beds that are selected. */
export function CoversSection() {
  const desk = useDesk();
  const told = useCovers();
  const { build, fault } = useNewCovers();
  const { bedCovers } = desk.plan;
  const selected = [...desk.selection].filter((id) => desk.outlines.has(id));
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>{words.title}</h3>
      {bedCovers.length === 0 && <p className="text-soft">{words.none}</p>}
      <RovingList>
        {byName(bedCovers).map((cover) => (
          <CoverForm key={cover.id} cover={cover} told={told.find((each) => each.cover === cover.id)} />
        ))}
      </RovingList>
      <div className="flex flex-wrap gap-2">
        {desk.catalogue.covers.kinds.map(({ key, label }) => (
          <button
            key={key}
            type="button"
            className="plain-button"
            disabled={desk.outlines.size === 0}
            onClick={() => {
              void build(key, selected);
            }}
          >
            {words.build(label, selected.length)}
          </button>
        ))}
      </div>
      <Fault text={fault} />
      {bedCovers.length > 0 && <SheetCuts />}
    </section>
  );
}
