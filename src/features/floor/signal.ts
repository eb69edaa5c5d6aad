/** Hertz and seconds of the tone that ends a rest: high and short, heard over music. */
const PITCH = 880;
const LENGTH = 0.18;
const TONES = 2;

let audio: AudioContext | undefined;

/** Makes ready to sound: browsers ask that it begins with a tap. */
export function wakeSound(): void {
  try {
    audio ??= new AudioContext();
    void audio.resume().catch(() => {});
  } catch {
    // No sound here: it still shakes and stands on the screen.
  }
}

/** Tells that a rest is over: two short tones, and the phone shakes. */
export function signal(): void {
  navigator.vibrate?.([200, 100, 200]);
  if (audio?.state !== 'running') return;
  for (let tone = 0; tone < TONES; tone++) {
    const from = audio.currentTime + tone * 2 * LENGTH;
    const sound = audio.createOscillator();
    const volume = audio.createGain();
    sound.frequency.value = PITCH;
    // Rising and falling ends: without them it clicks.
    volume.gain.setValueAtTime(0, from);
    volume.gain.linearRampToValueAtTime(0.4, from + 0.02);
    volume.gain.linearRampToValueAtTime(0, from + LENGTH);
    sound.connect(volume).connect(audio.destination);
    sound.start(from);
    sound.stop(from + LENGTH);
  }
}
