import { memo } from 'react';

/** The id of a thing's picture as a fill of whatever is as large as the thing. */
export const thingPictureId = (image: string): string => `thing-${image.replaceAll(/[^\w-]/g, '_')}`;

/** Pictures of things, once for the whole document; drawings anywhere refer to them. */
export const ThingPictures = memo(function ThingPictures({
  urls,
}: {
  /** Addresses by image. */ urls: readonly (readonly [string, string])[];
}) {
  return (
    <svg width={0} height={0} style={{ position: 'absolute' }} aria-hidden>
      <defs>
        {urls.map(([image, url]) => (
          <pattern key={image} id={thingPictureId(image)} patternContentUnits="objectBoundingBox" width={1} height={1}>
            <image href={url} width={1} height={1} preserveAspectRatio="none" />
          </pattern>
        ))}
      </defs>
    </svg>
  );
});
