export { TitlesScreen } from './TitlesScreen';
