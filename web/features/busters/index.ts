export { BustersScreen } from './BustersScreen';
