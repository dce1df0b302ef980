declare module 'synonyms' {
  /** Words of like meaning, by part of speech; undefined: it is not known. */
  export default function synonyms(word: string): Readonly<Record<string, readonly string[]>> | undefined;
}
