export { WrapUpScreen } from './WrapUpScreen';
