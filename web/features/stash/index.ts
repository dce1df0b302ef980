export { StashScreen } from './StashScreen';
