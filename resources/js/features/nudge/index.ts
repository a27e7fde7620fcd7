export { NudgePage } from './NudgePage';
