export { AskLine } from './AskLine';
export { ComparePage } from './ComparePage';
export { fullName } from './groupName';
export { periodName } from './periodName';
export { verdict } from './rowFigures';
export { Standing } from './Standing';
