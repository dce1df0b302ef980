/** What she means to do with a kit. */
export type Aim = { readonly id: string } & (
  | {
      readonly kind: 'use';
      readonly lot: string;
      /** So many of a counted thing, or so many sheets' worth of a paper; null: all of it. */
      readonly atLeast: number | null;
    }
  | { readonly kind: 'pages'; readonly atLeast: number }
);
