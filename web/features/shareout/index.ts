export { ShareOutScreen } from './ShareOutScreen';
