/** What she means for a month, whatever the kit: so many pages made in it, or nothing new taken in till it. */
export type MonthAim = { readonly id: string; readonly month: string } & (
  | { readonly kind: 'pages'; readonly atLeast: number }
  /** The day that she said so on. */
  | { readonly kind: 'nothing-new'; readonly since: string }
);
