/** What stands round a number without being part of it: signs of currencies, per cent, degrees. */
const ROUND_ABOUT = /^[\p{Sc}%°]|[\p{Sc}%°]$/gu;
const SPACES = /[\s\u00a0\u202f'’]/g;

/**
 * A number as people type it, in the digits and point that the program reads: `2 000`, `2,000`, `2.000,50`, `$12`, `10 %`. Of a point and a
 * comma the last is the decimal one; one that comes twice is none. A single one before three digits parts thousands where there can't be
 * three decimals, and else by the rule of the browser's language. What is no number is left as it is, so that it is refused with its
 * own message.
 *
 * @param decimals how many there can be at most; a currency's minor unit
 * @param language left out, the browser's
 */
export function plainNumber(text: string, decimals = 3, language?: string): string {
  const bare = text.trim().replace(ROUND_ABOUT, "").trim().replace(ROUND_ABOUT, "").replace(SPACES, "");
  if (!/^[-−]?[\d.,]*\d[\d.,]*$/.test(bare)) return text.trim();
  const digits = bare.replace("−", "-");
  const point = decimalPoint(digits, decimals, language);
  const [whole = "", ...rest] = point === null ? [digits] : splitAtLast(digits, point);
  return [whole.replace(/[.,]/g, ""), ...rest].join(".");
}

/** A number as people type it; null for what is none. */
export function readNumber(text: string): number | null {
  const plain = plainNumber(text);
  const read = Number(plain);
  return plain === "" || !Number.isFinite(read) ? null : read;
}

/** Of a sum in a currency. */
export function plainAmount(text: string, currency: string): string {
  const withoutCode = text.trim().replace(new RegExp(`^${currency}|${currency}$`, "i"), "");
  return plainNumber(withoutCode, minorDigits(currency));
}

function minorDigits(currency: string): number {
  return (
    new Intl.NumberFormat("en", { style: "currency", currency }).resolvedOptions().maximumFractionDigits ?? 2
  );
}

function splitAtLast(digits: string, point: string): [string, string] {
  const at = digits.lastIndexOf(point);
  return [digits.slice(0, at), digits.slice(at + 1)];
}

function decimalPoint(digits: string, decimals: number, language: string | undefined): string | null {
  const [last] = [".", ","].sort((a, b) => digits.lastIndexOf(b) - digits.lastIndexOf(a));
  if (last === undefined || !digits.includes(last)) return null;
  const both = digits.includes(".") && digits.includes(",");
  const times = digits.split(last).length - 1;
  if (times > 1) return null;
  if (both) return last;
  const after = digits.length - digits.lastIndexOf(last) - 1;
  const before = digits.lastIndexOf(last) - (digits.startsWith("-") ? 1 : 0);
  if (after !== 3 || before === 0 || before > 3 || /^-?0/.test(digits)) return last;
  if (decimals < 3) return null;
  return last === thousandsOf(language) ? null : last;
}

function thousandsOf(language: string | undefined): string | undefined {
  return new Intl.NumberFormat(language).formatToParts(10_000).find(({ type }) => type === "group")?.value;
}
