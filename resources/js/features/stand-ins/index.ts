export { StandInsPage } from './StandInsPage';
