export { ReviewPage } from './ReviewPage';
