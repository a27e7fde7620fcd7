export { ComparePage } from './ComparePage';
