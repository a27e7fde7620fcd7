export { DoneForAll } from './DoneForAll';
export { EstimatePanel } from './EstimatePanel';
export { EstimateHistory } from './EstimateHistory';
export { useDone } from './useDone';
