export { GatherScreen } from './GatherScreen';
