export { AlbumScreen } from './AlbumScreen';
