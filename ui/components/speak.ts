/** Whether this device has a voice of its own; one that asks a server for it is not used. */
const voiceHere = (): SpeechSynthesisVoice | null => {
  if (typeof speechSynthesis === 'undefined') return null;
  return speechSynthesis.getVoices().find(({ localService, lang }) => localService && lang.startsWith('en')) ?? null;
};

/** Says something aloud where the device has a voice; what it was saying is broken off. @returns whether it could */
export function speak(text: string): boolean {
  const voice = voiceHere();
  if (!voice) return false;
  const said = new SpeechSynthesisUtterance(text);
  said.voice = voice;
  said.lang = voice.lang;
  speechSynthesis.cancel();
  speechSynthesis.speak(said);
  return true;
}
