export { leastFinish, orderTasks } from './orderTasks';
export type { TaskOrder } from './orderTasks';
export { inOrderOfWaiting } from './known';
export type { Task, Timed } from './known';
