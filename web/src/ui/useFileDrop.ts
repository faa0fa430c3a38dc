import { useState } from "react";
import { useDropzone } from "react-dropzone";
import type { Problem } from "../api/problem";

const ONE_AT_A_TIME: Problem = {
  thing: "The files",
  detail: "Several were dropped at once; none was taken.",
  remedy: "Drop them one after the other.",
  status: 0,
};

/** Takes a file dropped anywhere on a page, or chosen. What kind it is the server says, with the reason if it is no use. */
export function useFileDrop(take: (file: File) => void) {
  const [problem, setProblem] = useState<Problem>();
  const zone = useDropzone({
    noClick: true,
    noKeyboard: true,
    onDrop: (files) => {
      setProblem(files.length > 1 ? ONE_AT_A_TIME : undefined);
      if (files.length === 1 && files[0]) {
        take(files[0]);
      }
    },
  });
  return { ...zone, problem };
}
