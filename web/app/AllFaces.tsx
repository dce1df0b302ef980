import { useMemo } from 'react';
import { useBench } from '../data/benchStore';
import { useSmallUrls } from '../data/smallCopies';
import { FacePatterns } from '../ui/FacePatterns';
import { useSeenFaces } from '../ui/facesInSight';
import { ThingPictures } from '../ui/ThingPictures';

/** Pictures of things that were told by one. */
function AllThings() {
  const lots = useBench((b) => b.lots);
  const seen = useSeenFaces();
  const pictured = useMemo(
    () => [...lots.values()].flatMap(({ items = [] }) => items.flatMap(({ picture }) => picture?.image ?? [])),
    [lots],
  );
  const inSight = useMemo(() => pictured.filter((image) => seen.has(image)), [pictured, seen]);
  const urls = useSmallUrls(inSight, pictured);
  const own = useMemo(
    () =>
      pictured.flatMap((image) => {
        const url = urls.get(image);
        return url === undefined ? [] : [[image, url] as const];
      }),
    [pictured, urls],
  );
  return <ThingPictures urls={own} />;
}

/** The patterns of all faces; pictures of real papers come in as they are loaded, those in sight first. */
export function AllFaces() {
  const faces = useBench((b) => b.faces);
  const seen = useSeenFaces();
  // Apart, so that a picture that comes in does not draw ten thousand others anew.
  const pictured = useMemo(() => [...faces.values()].filter((face) => face.picture !== undefined), [faces]);
  const drawn = useMemo(() => [...faces.values()].filter(({ picture }) => !picture), [faces]);
  const inSight = useMemo(() => [...seen].flatMap((face) => faces.get(face)?.picture?.image ?? []), [seen, faces]);
  const others = useMemo(() => pictured.flatMap(({ picture }) => picture?.image ?? []), [pictured]);
  const urls = useSmallUrls(inSight, others);
  return (
    <>
      <FacePatterns faces={drawn} />
      <FacePatterns faces={pictured} pictures={urls} />
      <AllThings />
    </>
  );
}
