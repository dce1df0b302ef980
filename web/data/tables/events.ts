import { amounts, cutChild, day, id, idOrNull, newPiece, text } from './parts';

const telling = {
  type: 'object',
  properties: {
    name: text,
    kind: text,
    size: text,
    note: text,
    upright: text,
    colours: text,
    joined: text,
    parted: text,
  },
  additionalProperties: false,
  description: 'what was told of a thing, as text: only what differs',
} as const;

/** A piece, or an amount of a lot. */
const OF_STOCK = [
  { required: ['piece'], not: { required: ['lot'] } },
  { required: ['lot', 'amounts'], not: { required: ['piece'] } },
] as const;

/** JSON Schema of one record. */
export const eventSchema = {
  type: 'object',
  required: ['type'],
  discriminator: { propertyName: 'type' },
  oneOf: [
    {
      type: 'object',
      properties: {
        type: { enum: ['received', 'arrived'] },
        id,
        day,
        undoes: id,
        lot: id,
        pieces: { type: 'array', maxItems: 10_000, items: newPiece },
        amounts,
      },
      required: ['type', 'id', 'day', 'lot'],
      additionalProperties: false,
    },
    {
      type: 'object',
      properties: { type: { const: 'owed' }, id, day, undoes: id, lot: id, amounts: amounts },
      required: ['type', 'id', 'day', 'lot', 'amounts'],
      additionalProperties: false,
    },
    {
      type: 'object',
      properties: {
        type: { const: 'counted' },
        id,
        day,
        undoes: id,
        lot: id,
        change: amounts,
        reason: text,
        piece: id,
        isFound: { type: 'boolean' },
      },
      required: ['type', 'id', 'day', 'reason'],
      additionalProperties: false,
      oneOf: [
        { required: ['piece', 'isFound'], not: { anyOf: [{ required: ['lot'] }, { required: ['change'] }] } },
        { required: ['lot', 'change'], not: { anyOf: [{ required: ['piece'] }, { required: ['isFound'] }] } },
      ],
    },
    {
      type: 'object',
      properties: {
        type: { const: 'cut' },
        id,
        day,
        undoes: id,
        piece: id,
        into: { type: 'array', items: cutChild, minItems: 1, maxItems: 10_000 },
        page: idOrNull,
        how: { enum: ['punch', 'machine', 'hand'] },
      },
      required: ['type', 'id', 'day', 'piece', 'into', 'page'],
      additionalProperties: false,
    },
    {
      type: 'object',
      properties: {
        type: { enum: ['claimed', 'released', 'used', 'returned'] },
        id,
        day,
        undoes: id,
        piece: id,
        lot: id,
        amounts,
        slot: { type: ['string', 'null'], description: 'what the piece is on its page' },
        page: id,
      },
      required: ['type', 'id', 'day', 'page'],
      additionalProperties: false,
      oneOf: OF_STOCK,
    },
    {
      type: 'object',
      properties: {
        type: { enum: ['given', 'sold', 'recycled', 'back'] },
        id,
        day,
        undoes: id,
        piece: id,
        lot: id,
        amounts,
      },
      required: ['type', 'id', 'day'],
      additionalProperties: false,
      oneOf: OF_STOCK,
    },
    {
      type: 'object',
      properties: { type: { const: 'lent' }, id, day, undoes: id, piece: id, lot: id, amounts, to: text },
      required: ['type', 'id', 'day', 'to'],
      additionalProperties: false,
      oneOf: OF_STOCK,
    },
    {
      type: 'object',
      properties: { type: { const: 'amended' }, id, day, undoes: id, lot: id, was: telling, now: telling },
      required: ['type', 'id', 'day', 'lot', 'was', 'now'],
      additionalProperties: false,
    },
    {
      type: 'object',
      properties: {
        type: { const: 'gathered' },
        id,
        day,
        undoes: id,
        piece: id,
        lot: id,
        amounts,
        from: { ...idOrNull, description: 'the kit of her own that it was in' },
        to: { ...idOrNull, description: 'the kit of her own that it is in from now on' },
      },
      required: ['type', 'id', 'day', 'from', 'to'],
      additionalProperties: false,
      oneOf: OF_STOCK,
    },
    {
      type: 'object',
      properties: { type: { const: 'moved' }, id, day, undoes: id, lot: id, from: text, to: text },
      required: ['type', 'id', 'day', 'lot', 'from', 'to'],
      additionalProperties: false,
    },
  ],
} as const;
