export { DoneForAll } from './DoneForAll';
export { RestatePanel } from './RestatePanel';
export { StatementList } from './StatementList';
export { useDone } from './useDone';
