/** Two soft strokes of a bell, made on the spot. Browsers stay silent until the page was touched once. */
export function ring(): void {
  const audio = new AudioContext();
  for (const [start, pitch] of [
    [0, 880],
    [0.45, 660],
  ] as const) {
    const tone = audio.createOscillator();
    const loudness = audio.createGain();
    const at = audio.currentTime + start;
    tone.frequency.value = pitch;
    loudness.gain.setValueAtTime(0.25, at);
    loudness.gain.exponentialRampToValueAtTime(0.001, at + 0.9);
    tone.connect(loudness).connect(audio.destination);
    tone.start(at);
    tone.stop(at + 1);
    tone.onended = () => start > 0 && void audio.close();
  }
}
