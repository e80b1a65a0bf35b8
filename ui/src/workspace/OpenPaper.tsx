import { papers } from "../paperList";
import { useDesk } from "./desk";

/** The paper that the address names. */
export default function OpenPaper() {
  const { paper, read } = useDesk();
  const Found = Object.entries(papers).find(([key]) => key === paper)?.[1];
  if (Found) return <Found />;
  return (
    <div className="space-y-2 p-4">
      <p>There is no paper of that name.</p>
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          read(null);
        }}
      >
        Back to the sheet
      </button>
    </div>
  );
}
