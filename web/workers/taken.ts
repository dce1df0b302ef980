import exifr from 'exifr';
import { format } from 'date-fns';

/** When a picture was taken, by its own data (EXIF `DateTimeOriginal`), to the minute; null where it does not say. */
export async function takenOf(file: ArrayBuffer): Promise<string | null> {
  try {
    const found = (await exifr.parse(file, ['DateTimeOriginal'])) as { DateTimeOriginal?: Date } | undefined;
    const at = found?.DateTimeOriginal;
    return at instanceof Date && !Number.isNaN(at.getTime()) ? format(at, 'yyyy-MM-dd HH:mm') : null;
  } catch {
    // Pictures without such data, or with damaged data, are pictures all the same.
    return null;
  }
}
