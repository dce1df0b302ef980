// Its main file is not what its package.json says; the module beside it is, but has no types of its own.
declare module 'maxrects-packer/dist/maxrects-packer.mjs' {
  export { MaxRectsPacker } from 'maxrects-packer';
}
