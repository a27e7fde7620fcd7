export { ComparePage } from './ComparePage';
export { periodName } from './periodName';
