import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react';

/** Keeps the screen awake while a run is under way, where the browser can. */
export function useAwake(awake: boolean) {
  useEffect(() => {
    if (!awake || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    const take = async () => {
      try {
        const taken = await navigator.wakeLock.request('screen');
        if (over) await taken.release();
        else lock = taken;
      } catch {
        // Refused, for instance on a low battery: the run goes on all the same.
      }
    };
    const again = () => {
      if (document.visibilityState === 'visible') void take();
    };
    void take();
    document.addEventListener('visibilitychange', again);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, [awake]);
}

/**
 * Sounds and shakes when a hold is over: when what was held is no longer the same.
 * @param holding what is held, by a name of its own; null for nothing
 */
export function useAlarm(holding: string | null) {
  const [sound, setSound] = useState(() => localStorage.getItem('juxtherm.sound') !== 'off');
  const audio = useRef<AudioContext | null>(null);
  const held = useRef<string | null>(null);
  useEffect(() => localStorage.setItem('juxtherm.sound', sound ? 'on' : 'off'), [sound]);

  /** Browsers let a page sound only after a touch or key; every Done is one. */
  const unlock = useCallback(() => {
    if (!sound) return;
    audio.current ??= new AudioContext();
    void audio.current.resume();
  }, [sound]);

  useEffect(() => {
    if (held.current !== null && holding !== held.current) {
      navigator.vibrate?.([300, 120, 300]);
      if (sound && audio.current) beep(audio.current);
    }
    held.current = holding;
  }, [holding, sound]);

  /** Another piece is in the hands: two low tones. */
  const chime = useCallback(() => {
    navigator.vibrate?.(120);
    if (sound && audio.current) beep(audio.current, CHANGED);
  }, [sound]);

  /** What was held is let go of without a sound. */
  const forget = useCallback(() => {
    held.current = null;
  }, []);

  return { sound, setSound, unlock, chime, forget };
}

/**
 * Reads aloud what is to be done, each time that changes, for whoever has both hands full.
 * @param text what is to be done; empty for nothing
 */
export function useVoice(text: string) {
  const can = 'speechSynthesis' in window;
  const [on, setOn] = useState(() => can && localStorage.getItem('juxtherm.voice') === 'on');
  useEffect(() => {
    if (!can || !on || !text) return;
    const said = new SpeechSynthesisUtterance(text);
    said.lang = 'en-US';
    window.speechSynthesis.speak(said);
    return () => window.speechSynthesis.cancel();
  }, [can, on, text]);
  const toggle = useCallback(() => {
    localStorage.setItem('juxtherm.voice', on ? 'off' : 'on');
    setOn(!on);
  }, [on]);
  return { can, on, toggle };
}

const FRESH_MS = 1000;

/** Whether another piece has just come into the hands: for a second keys do nothing, and it is heard and seen. */
export function useFresh(piece: number, chime: () => void): boolean {
  const [fresh, setFresh] = useState(false);
  const before = useRef(piece);
  const ring = useRef(chime);
  ring.current = chime;
  useLayoutEffect(() => {
    const changed = before.current !== piece && before.current !== 0 && piece !== 0;
    before.current = piece;
    if (!changed) return;
    ring.current();
    setFresh(true);
    const timer = window.setTimeout(() => setFresh(false), FRESH_MS);
    return () => {
      window.clearTimeout(timer);
      setFresh(false);
    };
  }, [piece]);
  return fresh;
}

type Tones = readonly (readonly [at: number, pitch: number])[];

const OVER: Tones = [
  [0, 880],
  [0.22, 880],
  [0.44, 1320],
];

const CHANGED: Tones = [
  [0, 440],
  [0.2, 330],
];

function beep(audio: AudioContext, tones: Tones = OVER) {
  for (const [at, pitch] of tones) {
    const tone = audio.createOscillator();
    const gain = audio.createGain();
    tone.frequency.value = pitch;
    gain.gain.setValueAtTime(0.0001, audio.currentTime + at);
    gain.gain.exponentialRampToValueAtTime(0.5, audio.currentTime + at + 0.02);
    gain.gain.exponentialRampToValueAtTime(0.0001, audio.currentTime + at + 0.18);
    tone.connect(gain).connect(audio.destination);
    tone.start(audio.currentTime + at);
    tone.stop(audio.currentTime + at + 0.2);
  }
}
