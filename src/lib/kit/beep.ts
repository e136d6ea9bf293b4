/** Two short tones, for ears under a hood: a catch is over. Silent where the browser has no sound, or none before a touch. */
export function beep(): void {
	try {
		const context = new AudioContext();
		for (const [from, pitch] of [
			[0, 880],
			[0.25, 1175]
		] as const) {
			const tone = context.createOscillator();
			const volume = context.createGain();
			tone.frequency.value = pitch;
			volume.gain.setValueAtTime(0.25, context.currentTime + from);
			volume.gain.exponentialRampToValueAtTime(0.001, context.currentTime + from + 0.2);
			tone.connect(volume).connect(context.destination);
			tone.start(context.currentTime + from);
			tone.stop(context.currentTime + from + 0.22);
			if (from > 0) tone.onended = () => void context.close();
		}
	} catch {
		// A device without sound still buzzes and shows it.
	}
}
