export { ParcelsScreen } from './ParcelsScreen';
