export { brandingStripOf, cutApartEvent, readParts, stripOffEvent } from './cutApart';
export type { Edge } from './cutApart';
export { cutEvent } from './cutEvent';
export { machineEvent } from './machineEvent';
export type { MachineWork } from './machineEvent';
export { isOnPart, mishapEvent } from './mishap';
export type { Mishap } from './mishap';
export { punchEvent } from './punchEvent';
export { windowEvent } from './windowEvent';
