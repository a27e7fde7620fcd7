export { RestatePanel } from './RestatePanel';
export { StatementList } from './StatementList';
