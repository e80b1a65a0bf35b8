const FONTS = {
  plain: { font: "400", family: "Atkinson Hyperlegible Next Variable", usual: 0.53 },
  bold: { font: "600", family: "Atkinson Hyperlegible Next Variable", usual: 0.56 },
  mono: { font: "400", family: "Atkinson Hyperlegible Mono Variable", usual: 0.62 },
} as const;

export type Font = keyof typeof FONTS;

/** Widths at this size are remembered; they grow with the size of the letters. */
const MEASURED_AT = 20;

const widths = new Map<string, number>();

/** Forgets what was measured before the fonts had come. */
export function measureAnew() {
  widths.clear();
}

/** Width of a line of text, pixels. */
export function textWidth(text: string, size: number, font: Font): number {
  const key = `${font} ${text}`;
  let width = widths.get(key);
  if (width === undefined) {
    width = measured(text, font);
    widths.set(key, width);
  }
  return (width * size) / MEASURED_AT;
}

let context: OffscreenCanvasRenderingContext2D | null | undefined;

function measured(text: string, name: Font): number {
  const { font, family, usual } = FONTS[name];
  if (context === undefined) {
    context = typeof OffscreenCanvas === "undefined" ? null : new OffscreenCanvas(1, 1).getContext("2d");
  }
  if (!context) return text.length * usual * MEASURED_AT;
  context.font = `${font} ${String(MEASURED_AT)}px "${family}"`;
  return context.measureText(text).width;
}

/** For a text of the drawing. */
export function fontStyle(name: Font, size: number) {
  const { font, family } = FONTS[name];
  return { fontFamily: `"${family}"`, fontWeight: font, fontSize: `${String(size)}px` };
}
