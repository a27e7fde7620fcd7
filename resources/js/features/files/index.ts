export { FilesPage } from './FilesPage';
export { ImportPage } from './ImportPage';
