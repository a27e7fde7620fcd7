export { FrontPage as default } from '@/features/front-page';
