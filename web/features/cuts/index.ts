export { CutsScreen } from './CutsScreen';
