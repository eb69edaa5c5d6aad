/** Hertz and seconds of the tone that ends a rest: high and short, audible over music. */
const PITCH = 880;
const LENGTH = 0.18;
const TONES = 2;

let audio: AudioContext | undefined;

/** Prepares sound: browsers require a tap first. */
export function wakeSound(): void {
  try {
    audio ??= new AudioContext();
    void audio.resume().catch(() => {});
  } catch {
    // Without sound it still vibrates and shows on screen.
  }
}

/** Signals the end of a rest: two short tones, and vibration. */
export function signal(): void {
  navigator.vibrate?.([200, 100, 200]);
  for (let tone = 0; tone < TONES; tone++) sound(PITCH, LENGTH, tone * 2 * LENGTH);
}

/** A second of a tempo; higher, and with vibration, where the weight turns or stops. */
export function beat(turned: boolean): void {
  if (turned) navigator.vibrate?.(60);
  sound(turned ? PITCH : PITCH / 2, 0.06, 0);
}

/** A tone, this many seconds from now. */
function sound(pitch: number, length: number, after: number): void {
  if (audio?.state !== 'running') return;
  const from = audio.currentTime + after;
  const tone = audio.createOscillator();
  const volume = audio.createGain();
  tone.frequency.value = pitch;
  // Fading in and out: otherwise it clicks.
  volume.gain.setValueAtTime(0, from);
  volume.gain.linearRampToValueAtTime(0.4, from + 0.02);
  volume.gain.linearRampToValueAtTime(0, from + length);
  tone.connect(volume).connect(audio.destination);
  tone.start(from);
  tone.stop(from + length);
}
