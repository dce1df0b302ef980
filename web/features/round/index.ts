export { RoundScreen } from './RoundScreen';
