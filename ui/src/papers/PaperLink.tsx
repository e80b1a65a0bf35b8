import { useDesk } from "../workspace/desk";
import { PAPER_NAMES, type PaperName } from "../workspace/paperNames";

/** From a panel to the paper that has the room of the page. */
export function PaperLink({ paper }: { paper: PaperName }) {
  const { read } = useDesk();
  return (
    <button
      type="button"
      className="text-button text-sm"
      onClick={() => {
        read(paper);
      }}
    >
      {PAPER_NAMES[paper]} as a page
    </button>
  );
}
