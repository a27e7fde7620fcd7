export { SchedulePage } from './SchedulePage';
