import { useState } from "react";
import { words } from "../words";
import { Problem, upload } from "./client";

/** What the server reads out of a file, to be looked at before it is taken over; what is wrong with the file is in `fault`. */
export function useFileReading<T>() {
  const [reading, setReading] = useState<T>();
  const [fault, setFault] = useState<string>();

  async function read(path: string, content: ArrayBuffer) {
    setReading(undefined);
    setFault(undefined);
    try {
      setReading(await upload<T>(path, content));
    } catch (failure) {
      const [first] = failure instanceof Problem ? failure.faults : [];
      const told = failure instanceof Problem ? failure.message : words.awayIdle;
      setFault(first ? `${first.wrong}; ${first.right}` : told);
    }
  }

  function done() {
    setReading(undefined);
  }

  return { reading, fault, setFault, read, done };
}
