import { useDesk, type Tool } from "../workspace/desk";

interface Props {
  tool: Tool;
  /** What the button does. */
  take: string;
  /** What to do on the sheet while the tool is in hand. */
  inHand: string;
  /** The key that does the same. */
  shortcut?: string;
}

/** Takes a tool for the sheet in hand, and puts it down again. */
export function ToolButton({ tool, take, inHand, shortcut }: Props) {
  const desk = useDesk();
  const taken = desk.tool?.kind === tool.kind;
  return (
    <button
      type="button"
      className={taken ? "strong-button" : "plain-button"}
      aria-pressed={taken}
      title={shortcut}
      onClick={() => {
        desk.setTool(taken ? null : tool);
      }}
    >
      {taken ? inHand : take}
    </button>
  );
}
