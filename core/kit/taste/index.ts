export { likedFaces, likedPairs, pairsOf, scoreOf, tasteKey, tastesOf } from './tastesOf';
export type { Said, Taste, TasteKind } from './tastesOf';
