import { useId } from "react";

interface Props {
  label: string;
  accept: string;
  onRead: (content: ArrayBuffer) => void;
  onFault: (message: string) => void;
}

/** A file to read; the same one can be chosen again after it was mended. */
export function FileField({ label, accept, onRead, onFault }: Props) {
  const id = useId();
  return (
    <>
      <label htmlFor={id} className="sr-only">
        {label}
      </label>
      <input
        id={id}
        type="file"
        accept={accept}
        className="w-full"
        onChange={(event) => {
          const file = event.target.files?.[0];
          file?.arrayBuffer().then(onRead, (failure: unknown) => {
            onFault(String(failure));
          });
          event.target.value = "";
        }}
      />
    </>
  );
}
