const KEY = 'uvret.muted';

export const isMuted = (): boolean => localStorage.getItem(KEY) === '1';

export const mute = (on: boolean): void => localStorage.setItem(KEY, on ? '1' : '0');

/** Three short tones that are heard over a compressor; nothing if the browser has no sound. */
export function ring(): void {
    if (isMuted() || typeof AudioContext === 'undefined') {
        return;
    }
    const context = new AudioContext();
    for (const beat of [0, 0.25, 0.5]) {
        const tone = context.createOscillator();
        const gain = context.createGain();
        tone.frequency.value = 880;
        gain.gain.value = 0.25;
        tone.connect(gain).connect(context.destination);
        tone.start(context.currentTime + beat);
        tone.stop(context.currentTime + beat + 0.15);
    }
    window.setTimeout(() => void context.close(), 1000);
}
