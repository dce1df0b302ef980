/** A month's packing list as the club gives it; what is late is on it and not in the box. */
export interface ClubList {
  readonly club: string;
  readonly name: string;
  readonly month: string;
  readonly theme: readonly string[];
  readonly lines: readonly string[];
  readonly late: readonly string[];
}

async function ask<T>(path: string): Promise<T | null> {
  try {
    const response = await fetch(`/api/club${path}`);
    return response.ok ? ((await response.json()) as T) : null;
  } catch {
    // Away from home there is no club to ask.
    return null;
  }
}

/** Months of which the club has a list; null: it does not answer. */
export const clubMonths = async (): Promise<readonly Pick<ClubList, 'club' | 'name' | 'month'>[] | null> =>
  (await ask<{ lists: Pick<ClubList, 'club' | 'name' | 'month'>[] }>('/lists'))?.lists ?? null;

export const clubList = (month: string): Promise<ClubList | null> => ask<ClubList>(`/lists/${month}`);
