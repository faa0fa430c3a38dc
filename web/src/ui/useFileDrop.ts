import { useEffect, useState } from "react";

/** Takes a file dropped anywhere on the page. Tells whether one hovers over it. */
export function useFileDrop(take: (file: File) => void): boolean {
  const [hovering, setHovering] = useState(false);
  useEffect(() => {
    function over(event: DragEvent) {
      event.preventDefault();
      setHovering(true);
    }
    function leave(event: DragEvent) {
      if (!event.relatedTarget) {
        setHovering(false);
      }
    }
    function drop(event: DragEvent) {
      event.preventDefault();
      setHovering(false);
      const file = event.dataTransfer?.files[0];
      if (file) {
        take(file);
      }
    }
    window.addEventListener("dragover", over);
    window.addEventListener("dragleave", leave);
    window.addEventListener("drop", drop);
    return () => {
      window.removeEventListener("dragover", over);
      window.removeEventListener("dragleave", leave);
      window.removeEventListener("drop", drop);
    };
  }, [take]);
  return hovering;
}
