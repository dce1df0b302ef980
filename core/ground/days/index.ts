export { byDay, whenOf } from './whenOf';
