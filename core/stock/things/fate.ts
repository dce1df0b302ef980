/** What she decided of a thing that is left of a kit and stays with her. */
export type Fate =
  /** It stays with its kit, or goes back among what is like it. */
  | { readonly for: 'kit' | 'stash' }
  /** It is kept for a month, `2027-03`. */
  | { readonly for: 'month'; readonly month: string; /** For whom, or for what. */ readonly whom?: string };
