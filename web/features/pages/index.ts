export { PageBench } from './PageBench';
export { PagesScreen } from './PagesScreen';
