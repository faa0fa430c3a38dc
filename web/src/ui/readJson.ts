/** What a file holds that was saved here, to be checked by the server; a refusal is thrown. */
export async function readJson<T>(file: File, what: string): Promise<T> {
  try {
    return JSON.parse(await file.text()) as T;
  } catch {
    throw {
      thing: `File “${file.name}”`,
      detail: `It holds no ${what}.`,
      remedy: "Choose a file that was saved here.",
      status: 0,
      title: "",
    };
  }
}
