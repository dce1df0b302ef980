declare module 'quantize' {
  /** Median cut: colours of a picture's dots, or false where there are none. */
  export default function quantize(
    dots: number[][],
    colours: number,
  ): { palette(): [number, number, number][] } | false;
}
