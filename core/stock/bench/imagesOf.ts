import type { Face, Lot, Page, Photo } from '../things';
import type { Records, TableName } from './bench';

/** Where a record names a picture, by JSON pointer from the record, and which. */
export interface ImageReference {
  readonly at: string;
  readonly image: string;
}

const ofPictured = ({ picture }: Partial<Pick<Face | Page, 'picture'>>): ImageReference[] =>
  picture ? [{ at: '/picture', image: picture.image }] : [];
const ofLot = ({ items = [] }: Pick<Lot, 'items'>): ImageReference[] =>
  items.flatMap(({ picture }, i) => (picture ? [{ at: `/items/${i}/picture`, image: picture.image }] : []));
const ofPhoto = ({ image }: Partial<Pick<Photo, 'image'>>): ImageReference[] =>
  image === undefined ? [] : [{ at: '/image', image }];

/** Tables whose records name pictures. */
export const PICTURED = ['photos', 'faces', 'lots', 'pages'] as const satisfies readonly TableName[];

/** The pictures that a record, or some fields of one, name. */
export const imagesOf = (record: Partial<Records[(typeof PICTURED)[number]]>): readonly ImageReference[] => [
  ...ofPhoto(record as Partial<Photo>),
  ...ofPictured(record as Partial<Face | Page>),
  ...ofLot(record as Partial<Lot>),
];
