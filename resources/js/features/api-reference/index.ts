export { ReferencePage } from './ReferencePage';
