/** Why something was not done, read aloud at once. */
export function Fault({ text }: { text: string | undefined }) {
  return (
    text && (
      <p role="alert" className="text-snag">
        {text}
      </p>
    )
  );
}
