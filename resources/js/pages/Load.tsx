export { LoadPage as default } from '@/features/load';
