export { PhotosScreen } from './PhotosScreen';
