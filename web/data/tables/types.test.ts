import type { FromSchema, JSONSchema } from 'json-schema-to-ts';
import { expect, expectTypeOf, test } from 'vitest';
import { TABLES, type Records } from '../../../core/stock/bench';
import { SCHEMAS } from '.';
import { albumSchema } from './albums';
import { designSchema } from './designs';
import { draftSchema } from './drafts';
import { faceSchema } from './faces';
import { kitSchema } from './kits';
import { lotSchema } from './lots';
import { pageSchema } from './pages';
import { photoSchema } from './photos';
import { planSchema } from './plans';
import { sharingSchema } from './sharings';
import { monthAimSchema } from './monthAims';
import { ruleSchema } from './rules';
import { storySchema } from './stories';
import { wishSchema } from './wishes';

type Plain<T> = T extends readonly (infer E)[]
  ? Plain<E>[]
  : T extends object
    ? { -readonly [K in keyof T]: Plain<T[K]> }
    : T;
type Told<S extends JSONSchema> = Plain<FromSchema<S>>;
type Kept<K extends keyof Records> = Plain<Records[K]>;

test('the type of each record and its schema say the same', () => {
  expectTypeOf<Told<typeof kitSchema>>().toExtend<Kept<'kits'>>();
  expectTypeOf<Kept<'kits'>>().toExtend<Told<typeof kitSchema>>();
  expectTypeOf<keyof Told<typeof kitSchema>>().toEqualTypeOf<keyof Kept<'kits'>>();
  expectTypeOf<Told<typeof faceSchema>>().toExtend<Kept<'faces'>>();
  expectTypeOf<Kept<'faces'>>().toExtend<Told<typeof faceSchema>>();
  expectTypeOf<keyof Told<typeof faceSchema>>().toEqualTypeOf<keyof Kept<'faces'>>();
  expectTypeOf<Told<typeof lotSchema>>().toExtend<Kept<'lots'>>();
  expectTypeOf<Kept<'lots'>>().toExtend<Told<typeof lotSchema>>();
  expectTypeOf<keyof Told<typeof lotSchema>>().toEqualTypeOf<keyof Kept<'lots'>>();
  expectTypeOf<Told<typeof storySchema>>().toExtend<Kept<'stories'>>();
  expectTypeOf<Kept<'stories'>>().toExtend<Told<typeof storySchema>>();
  expectTypeOf<keyof Told<typeof storySchema>>().toEqualTypeOf<keyof Kept<'stories'>>();
  expectTypeOf<Told<typeof photoSchema>>().toExtend<Kept<'photos'>>();
  expectTypeOf<Kept<'photos'>>().toExtend<Told<typeof photoSchema>>();
  expectTypeOf<keyof Told<typeof photoSchema>>().toEqualTypeOf<keyof Kept<'photos'>>();
  expectTypeOf<Told<typeof planSchema>>().toExtend<Kept<'plans'>>();
  expectTypeOf<Kept<'plans'>>().toExtend<Told<typeof planSchema>>();
  expectTypeOf<keyof Told<typeof planSchema>>().toEqualTypeOf<keyof Kept<'plans'>>();
  expectTypeOf<Told<typeof draftSchema>>().toExtend<Kept<'drafts'>>();
  expectTypeOf<Kept<'drafts'>>().toExtend<Told<typeof draftSchema>>();
  expectTypeOf<keyof Told<typeof draftSchema>>().toEqualTypeOf<keyof Kept<'drafts'>>();
  expectTypeOf<Told<typeof sharingSchema>>().toExtend<Kept<'sharings'>>();
  expectTypeOf<Kept<'sharings'>>().toExtend<Told<typeof sharingSchema>>();
  expectTypeOf<keyof Told<typeof sharingSchema>>().toEqualTypeOf<keyof Kept<'sharings'>>();
  expectTypeOf<Told<typeof wishSchema>>().toExtend<Kept<'wishes'>>();
  expectTypeOf<Kept<'wishes'>>().toExtend<Told<typeof wishSchema>>();
  expectTypeOf<keyof Told<typeof wishSchema>>().toEqualTypeOf<keyof Kept<'wishes'>>();
  expectTypeOf<Told<typeof designSchema>>().toExtend<Kept<'designs'>>();
  expectTypeOf<Kept<'designs'>>().toExtend<Told<typeof designSchema>>();
  expectTypeOf<keyof Told<typeof designSchema>>().toEqualTypeOf<keyof Kept<'designs'>>();
  expectTypeOf<Told<typeof albumSchema>>().toExtend<Kept<'albums'>>();
  expectTypeOf<Kept<'albums'>>().toExtend<Told<typeof albumSchema>>();
  expectTypeOf<keyof Told<typeof albumSchema>>().toEqualTypeOf<keyof Kept<'albums'>>();
  expectTypeOf<Told<typeof ruleSchema>>().toExtend<Kept<'rules'>>();
  expectTypeOf<Kept<'rules'>>().toExtend<Told<typeof ruleSchema>>();
  expectTypeOf<keyof Told<typeof ruleSchema>>().toEqualTypeOf<keyof Kept<'rules'>>();
  expectTypeOf<Told<typeof monthAimSchema>>().toExtend<Kept<'monthAims'>>();
  expectTypeOf<Kept<'monthAims'>>().toExtend<Told<typeof monthAimSchema>>();
  expectTypeOf<keyof Told<typeof monthAimSchema>>().toEqualTypeOf<keyof Kept<'monthAims'>>();
  expectTypeOf<Told<typeof pageSchema>>().toExtend<Kept<'pages'>>();
  expectTypeOf<Kept<'pages'>>().toExtend<Told<typeof pageSchema>>();
  expectTypeOf<keyof Told<typeof pageSchema>>().toEqualTypeOf<keyof Kept<'pages'>>();
});

test('every table of the bench is told once', () => {
  expect(Object.keys(SCHEMAS)).toEqual(TABLES);
});
