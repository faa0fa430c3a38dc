/** A link that saves something as a file, to be brought in elsewhere. */
export function SaveAsFile({ name, content }: { name: string; content: object }) {
  return (
    <a
      className="act"
      href={"data:application/json;charset=utf-8," + encodeURIComponent(JSON.stringify(content, null, 2))}
      download={`${name}.json`}
    >
      Save as a file
    </a>
  );
}
