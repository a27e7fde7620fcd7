export { SavedComparisonsPage } from './SavedComparisonsPage';
