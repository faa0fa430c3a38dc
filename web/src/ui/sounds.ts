import { browserSetting } from "./browserSetting";

const setting = browserSetting("nobrec.sounds");
const VOLUME = 0.15;

/** Done, look here, stop: told apart by height and number; each stands on the screen in a word as well. */
const SOUNDS = {
  done: [[880, 0.09]],
  look: [
    [620, 0.12],
    [620, 0.12],
  ],
  stop: [
    [220, 0.22],
    [165, 0.35],
  ],
} as const;

export type Sound = keyof typeof SOUNDS;

let context: AudioContext | undefined;

function isOn(): boolean {
  return setting.now() !== "off";
}

/** Whether this desk wants sounds, and changing that. */
export function useSounds(): [boolean, () => void] {
  setting.use();
  const on = isOn();
  return [on, () => setting.set(on ? "off" : "on")];
}

/** Plays one, where the desk wants sounds and the browser has any. */
export function play(sound: Sound) {
  if (!isOn() || typeof AudioContext === "undefined") {
    return;
  }
  context ??= new AudioContext();
  let at = context.currentTime;
  for (const [height, seconds] of SOUNDS[sound]) {
    const tone = context.createOscillator();
    const level = context.createGain();
    tone.frequency.value = height;
    level.gain.value = VOLUME;
    tone.connect(level).connect(context.destination);
    tone.start(at);
    tone.stop(at + seconds);
    at += seconds + 0.05;
  }
}
